package gatepin.core.diagram;

import java.util.List;
import java.util.regex.Pattern;

/** What plates write, and people say, in several ways and languages, each with one that is read. */
final class PlainWords {
    private static final String A_LINE = "(?:HOT|LINE|LEG|SIDE(?:\\sOF\\s(?:THE\\s)?(?:LINE|POWER|SUPPLY))?)";

    /** One hot, the other hot. */
    private static final Pattern ONE_LINE = pattern("\\bONE\\s(?:OF\\sTHE\\s)?" + A_LINE + "S?\\b");

    private static final Pattern OTHER_LINE = pattern("\\bTHE\\sOTHER\\s(?:" + A_LINE + "|ONE)\\b");

    private static final List<Plainer> ALL = List.of(
            new Plainer("\\bL\\.\\s?V\\b\\.?|\\bL\\.?V\\b|\\bLO\\b", "LOW"),
            new Plainer("\\bH\\.\\s?V\\b\\.?|\\bH\\.?V\\b|\\bHI\\b", "HIGH"),
            new Plainer("\\.{2,}", " - "),
            // a stroke between a group and its line, at the end of a row
            new Plainer("\\|(?=\\s{0,3}(?:L\\s?[12]|N|LINE\\s?[A-Z12]|JOIN(?:ED)?|TIED?)\\s{0,3}(?:\\n|$))", "-"),
            new Plainer("\\b(C?CW)[-\\s]?(?:OPE|ODE|OSE|NDE|LE|SE|PE|DE)\\b", "$1"),
            new Plainer("\\bN\\.\\s?C\\b\\.?|\\bNOT\\s(?:CONNECTED|USED)\\b|\\bUNUSED\\b", "INS SEPARATELY"),
            // an article is no lead, and what holds leads together says so once
            new Plainer(
                    "\\bWITH\\s(?:AN?\\s|ONE\\s|THE\\s)?(?:WIRE\\s?)?(?:NUT|CONNECTOR|CRIMP|SPLICE|SCREW)S?\\b", ""),
            new Plainer(
                    "\\b(?:IN|UNDER)\\s(?:AN?|ONE|THE)\\s(?:WIRE\\s?)?(?:NUT|CONNECTOR|CRIMP|SPLICE)\\b", "TOGETHER"),
            new Plainer(
                    "\\bAN?\\s(?=(?:WIRE|NUT|CAP|SPLICE|CONNECTOR|SCREW|JUMPER|TERMINAL|CRIMP|LUG|STRAP|SINGLE|SMALL|SEPARATE|PIECE|LINK)\\b)",
                    ""),
            new Plainer("\\bWIRE[\\s-]?NUT(?:TED|S)?\\b", "JOIN"),
            new Plainer("\\bTOGETHER\\s?(?:&|AND)\\s?(?:INS(?:ULATED?)?|TAPED?|CAP(?:PED)?)\\b", "TOGETHER"),
            new Plainer("\\bCONN\\.?\\sTOGETHER\\b", "TOGETHER"),
            // as people say it
            new Plainer("\\b(?:HOOK(?:ED)?(?:\\sUP)?|ATTACH(?:ED)?|FASTEN(?:ED)?|PUT|TAKE)\\b", "CONNECT"),
            new Plainer("\\bCONNECTED\\s?(?:&|AND)\\s?(?:INS(?:ULATED)?|TAPED|CAPPED)\\b", "TOGETHER"),
            new Plainer(
                    "\\bTO\\s(?:CHANGE\\s(?:THE\\s)?(?:DIRECTION|ROTATION)(?:\\sOF\\sROTATION)?|(?:GO|RUN|TURN)\\s(?:IT\\s)?BACKWARDS?)\\b",
                    "TO REVERSE"),
            new Plainer("\\bCHANGE\\s(?:OVER|ROUND|AROUND)\\b", "INTERCHANGE"),
            new Plainer("\\bSWITCH\\s(?=T?\\d\\s?(?:AND|&)\\s?T?\\d)", "SWAP "),
            new Plainer("\\bLIVE\\b|(?<!SINGLE[\\s-]|SPLIT[\\s-]|THREE[\\s-]|[13][\\s-])\\bPHASE\\b(?!\\s?\\d)", "HOT"),
            new Plainer("\\bDUAL(?=\\s(?:VOLT|V\\b))", ""),
            // German
            new Plainer("\\bNIEDERSPANNUNG\\b|\\bNIEDRIGE\\sSPANNUNG\\b", "LOW VOLTAGE"),
            new Plainer("\\bHOCHSPANNUNG\\b|\\bHOHE\\sSPANNUNG\\b", "HIGH VOLTAGE"),
            new Plainer("\\bRECHTSLAUF\\b", "CW"),
            new Plainer("\\bLINKSLAUF\\b", "CCW"),
            new Plainer("\\bBRÜCKEN?\\b", "JOIN"),
            new Plainer("\\bVERB(?:INDEN|UNDEN)\\b", "TOGETHER"),
            new Plainer(
                    "(?:\\bDREHRICHTUNG\\s(?:UMKEHREN|ÄNDERN|WECHSELN)\\b\\W{0,3}|\\bDREHRICHTUNGSUMKEHR\\b\\W{0,3})?(\\w+)\\s(?:UND|MIT|&|/)\\s(\\w+)\\s(?:VERTAUSCHEN|TAUSCHEN|UMKLEMMEN)\\b",
                    "INTERCHANGE $1 AND $2"),
            new Plainer("\\bUND\\b", "AND"),
            new Plainer("\\bAN\\s(?=L\\s?[12]?\\b|N\\b|[TUVWZ]?\\d)", "TO "),
            new Plainer("\\bN(?:ULL|EUTRAL)LEITER\\b", "NEUTRAL"),
            new Plainer("\\bISOLIER(?:EN|T)\\b", "INSULATED"),
            // French
            new Plainer("\\bBASSE\\sTENSION\\b", "LOW VOLTAGE"),
            new Plainer("\\bHAUTE\\sTENSION\\b", "HIGH VOLTAGE"),
            new Plainer("\\b(?:RELIER|PONTER|PONTAGE)\\b", "JOIN"),
            new Plainer("\\bNEUTRE\\b", "NEUTRAL"),
            new Plainer("\\bPOUR\\s(?:INVERSER|CHANGER)(?:\\sLE\\sSENS)?(?:\\sDE\\sROTATION)?\\b", "TO REVERSE"),
            new Plainer("\\b(?:PERMUTER|INVERSER|CROISER)\\b", "INTERCHANGE"),
            new Plainer("\\bSENS\\sHORAIRE\\b", "CW"),
            new Plainer("\\b(?:SENS\\s)?ANTI-?HORAIRE\\b", "CCW"),
            new Plainer("\\bISOL(?:ER|ÉE?S?)\\b", "INSULATED"),
            new Plainer("\\bÀ\\s(?=L\\s?[12]?\\b|N\\b|[TUVWZ]?\\d)", "TO "),
            new Plainer("\\bET\\b", "AND"));

    private record Plainer(Pattern written, String plain) {
        Plainer(String written, String plain) {
            this(pattern(written), plain);
        }
    }

    private PlainWords() {}

    private static Pattern pattern(String written) {
        return Pattern.compile(
                written, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS);
    }

    /** The same text as it is read. */
    static String of(String text) {
        String plain = DiagramTable.inWords(text);
        // only where both are spoken of is one of them the first
        if (ONE_LINE.matcher(plain).results().count() == 1
                && OTHER_LINE.matcher(plain).results().count() == 1) {
            plain = OTHER_LINE.matcher(ONE_LINE.matcher(plain).replaceAll("L1")).replaceAll("L2");
        }
        for (Plainer p : ALL) {
            plain = p.written().matcher(plain).replaceAll(p.plain());
        }
        return plain;
    }
}
