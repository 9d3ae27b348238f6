package gatepin.core.wire;

import gatepin.core.circuit.Wire;

/**
 * One wire of a plan and what it takes to make it.
 *
 * @param wire the wire
 * @param colour which colour it has, or should have
 * @param bands bands of tape that tell it from others of its colour; 0 for none
 * @param remark what its colour must be re-marked as; blank where it need not
 * @param size its size; blank while the branch circuit is not sized
 * @param cutMetres how long to cut it, m; 0 for a lead that is there
 * @param stripFromMillimetres how much to strip at its first end, mm; 0 where nothing is stripped
 * @param stripToMillimetres the same at its other end
 * @param fromFitting what goes on its first end
 * @param toFitting what goes on its other end
 */
public record WireDetail(
        Wire wire,
        String colour,
        int bands,
        String remark,
        String size,
        double cutMetres,
        int stripFromMillimetres,
        int stripToMillimetres,
        String fromFitting,
        String toFitting) {}
