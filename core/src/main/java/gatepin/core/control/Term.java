package gatepin.core.control;

/**
 * One way to feed a coil, as bits: which contacts have to stand where.
 *
 * @param innerMask the contacts moved by coils or the shaft that it passes, by their bits in a state
 * @param innerValue those of them that have to be operated; the others must not be
 * @param outerMask the contacts moved from outside that it passes
 * @param outerValue those of them that have to be operated
 * @param weak it passes another load: what it feeds is held in, and not pulled in
 */
record Term(long innerMask, long innerValue, long outerMask, long outerValue, boolean weak) {
    boolean inside(long state) {
        return ((state ^ innerValue) & innerMask) == 0;
    }

    boolean allowedBy(Held held) {
        return ((outerValue ^ held.value()) & outerMask & held.mask()) == 0;
    }
}
