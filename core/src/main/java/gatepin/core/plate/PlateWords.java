package gatepin.core.plate;

import gatepin.core.plate.PlatePiece.Kind;
import java.util.List;
import java.util.regex.Pattern;

/** What of a plate can be told by its own words, without looking at the rest of it. Every pattern is bounded: none looks far. */
final class PlateWords {
    private static final String NUMBER = "(?<!\\d)\\d{1,6}(?:[.,]\\d{1,4})?|[.,]\\d{1,4}";
    /** One, two or a range: 115/208-230, 18.4/9.6-9.2. */
    private static final String SEVERAL = "(?:" + NUMBER + ")(?:\\s?[-–/]\\s?(?:" + NUMBER + ")){0,5}";

    private static final String END = "OPE|ODE|SE|LE|NDE|DE"
            + "|OPP(?:OSITE)?\\.?\\s{0,4}(?:TO\\s)?(?:THE\\s)?(?:SHAFT|PULLEY|DRIVE)(?:\\sEND)?"
            + "|(?:SHAFT|PULLEY|LEAD|NON[\\s-]DRIVE|DRIVE)\\s?END";
    private static final String LEADS = "[:=.…_\\s]{0,12}";
    private static final String CAPACITOR_VOLTS = "(?:\\s{0,4}[/@]?\\s{0,4}\\d{3}\\s{0,4}V(?:AC|DB)?\\b)";
    private static final String MICROFARADS = "(?:[µμu]F|MFD|MF)\\b\\.?";
    private static final String RANGE = "(" + NUMBER + ")(?:\\s?[-–/]\\s?(" + NUMBER + "))?";
    /** Its unit behind it or before it; where neither is written, a range with the volts it is for. */
    private static final String CAPACITOR =
            "(?:CAP(?:ACITOR)?S?\\b\\.?|CONDENSER|KOND\\.?|COND\\.?)?" + LEADS + "(?:" + RANGE + "\\s{0,4}"
                    + MICROFARADS + CAPACITOR_VOLTS + "?|" + MICROFARADS + LEADS + RANGE + CAPACITOR_VOLTS + "?)";

    private static final String CAPACITOR_RANGE = "\\b(?:CAP(?:ACITOR)?S?\\b\\.?|CONDENSER)" + LEADS + "(" + NUMBER
            + ")\\s?[-–]\\s?(" + NUMBER + ")" + CAPACITOR_VOLTS;

    private static final String AMPERES = "(?:A(?:MP(?:ERE)?S?)?\\b\\.?|CURRENT)";
    /** A current, its name before it and its unit on either side. */
    private static final String CURRENT =
            "\\s{0,2}" + AMPERES + "?" + LEADS + "(?:" + SEVERAL + ")(?:\\s?" + AMPERES + ")?";

    private static final String LOCKED =
            "(?:LOCKED[\\s-]ROTOR|\\bSTARTING(?=\\s{0,2}(?:[AC]|\\d+(?:[.,]\\d+)?\\s?A))|\\bINRUSH|\\bL\\.?\\s?R\\.?(?![A-Z]{2}))";
    private static final String IDLE = "(?:\\bNO[\\s-]LOAD|\\bN\\.?\\s?L\\.?(?![A-Z]{2})|\\bIDLE)";

    private static final String TORQUE_UNIT =
            "(?:IN|FT|OZ)[\\s.-]?(?:LBS?|IN|OZ)\\b\\.?|LBS?[\\s.-]?(?:IN|FT)\\b\\.?|N\\s?\\.?\\s?M\\b";

    /** A kind of piece, and how it is written. */
    record Rule(Kind kind, Pattern pattern) {}

    /** Numbers that are no figures: whatever stands in them, nobody needs it. */
    static final List<Rule> NUMBERED = List.of(
            rule(
                    Kind.IGNORED,
                    "(?:SERIAL|SER|S/N)\\b\\.?\\s{0,4}(?:NO\\.?|NR\\.?)?[:#]?\\s{0,4}(?:[A-Z0-9./?*#_-]*\\d[A-Z0-9./?*#_-]*)"),
            rule(
                    Kind.IGNORED,
                    "\\b(?:MODEL|MOD|STYLE|CAT|PART|P/N|TYPE|TYP|DATE|FORM|ID)\\b\\.?\\s{0,4}(?:NO\\b\\.?|NR\\b\\.?)?[:#]?\\s{0,4}"
                            + "(?:[A-Z0-9./?*#_-]*\\d[A-Z0-9./?*#_-]*)"));

    /** What can be told apart by its own words; the first rule that fits a stretch of text takes it. */
    static final List<Rule> BY_WORD = List.of(
            rule(
                    Kind.IGNORED,
                    "(?:\\b(?:BEARINGS?|BRGS?|LAGER|D\\.?E|N?O\\.?D\\.?E|SHAFT END|OPP\\.? END)\\b\\.?[:=.…_\\s]{0,12})+(?:62|63|60)\\d{2}[A-Z0-9-]*"),
            rule(Kind.IGNORED, "\\b(?:62|63)\\d{2}(?:-?(?:2?RS|ZZ|2Z|Z|LL|C3|2RS1?)[A-Z0-9/]*)+"),
            // currents that are not the rated one: under service factor, at standstill, idle, at most
            rule(
                    Kind.IGNORED,
                    "(?:\\bS\\.?\\s?F\\.?|\\bSERV(?:ICE)?\\.?\\s?FACT(?:OR)?\\.?)\\s?" + AMPERES + LEADS + "(?:"
                            + SEVERAL + ")(?:\\s?" + AMPERES + ")?"),
            rule(Kind.IGNORED, LOCKED + CURRENT),
            rule(
                    Kind.IGNORED,
                    "(?:" + SEVERAL + ")\\s?(?:" + AMPERES + "\\s?)?(?:LRA\\b|" + LOCKED + ")(?:\\s?" + AMPERES + ")?"),
            rule(Kind.IGNORED, IDLE + CURRENT),
            rule(
                    Kind.IGNORED,
                    "\\bI?MAX(?:IMUM)?\\b\\.?\\s{0,2}(?:LOAD\\b)?(?:\\s{0,2}" + AMPERES + LEADS + "(?:" + SEVERAL
                            + ")(?:\\s?" + AMPERES + ")?|" + LEADS + "(?:" + SEVERAL + ")\\s?" + AMPERES + ")"),
            rule(Kind.IGNORED, "(?:" + SEVERAL + ")\\s?" + AMPERES + "\\s{0,2}MAX(?:IMUM)?\\b\\.?"),
            rule(
                    Kind.IGNORED,
                    "(?:" + SEVERAL + ")\\s?" + AMPERES
                            + "\\s?AT\\s(?:S\\.?\\s?F\\b\\.?|SERV(?:ICE)?\\.?\\sFACT(?:OR)?\\b\\.?)"),
            rule(Kind.IGNORED, "\\bI[ASD]\\s?/\\s?I[NR]?\\b" + LEADS + "(?:" + NUMBER + ")"),
            rule(Kind.IGNORED, IDLE + "\\s{0,2}(?:SPEED|R\\.?P\\.?M\\.?)" + LEADS + "(?:" + NUMBER + ")"),
            rule(Kind.IGNORED, "\\b(?:MFG|MFD|DATE|YEAR)\\b\\.?" + LEADS + "\\d{1,2}[/-]\\d{2,4}\\b"),
            // what goes in is not what comes out
            rule(
                    Kind.IGNORED,
                    "\\b(?:INPUT|P1(?![.,]\\d)|ABSORBED)\\b(?:\\s(?:POWER|WATTS))?" + LEADS + "(?:" + NUMBER
                            + ")\\s?(?:K?W(?:ATTS)?|K?VA)\\b|\\b(?:" + NUMBER
                            + ")\\s?(?:W(?:ATTS)?|K?VA)\\s(?:INPUT|IN)\\b"),
            rule(
                    Kind.IGNORED,
                    "\\b(?:(?:AIR\\s)?COMPRESSOR|PUMP|FARM|FAN|BLOWER|GENERAL|SEVERE|HEAVY|LIGHT|WOODWORKING|HOIST|POOL|JET\\sPUMP|AUGER)"
                            + "\\s(?:DUTY|PURPOSE|SERVICE)\\b"),
            rule(
                    Kind.IGNORED,
                    "(?:\\bCOS\\s?(?:φ|PHI)?|\\bP\\.?F\\b\\.?|(?:\\bNOM\\.?\\s?)?\\bEFF\\b\\.?|η)[:=.…_\\s]{0,12}(?:"
                            + NUMBER + ")\\s?%?"),
            rule(Kind.IGNORED, "\\bIP\\s?\\d[\\dX]"),
            rule(
                    Kind.RATIO,
                    "\\b(?:GEAR\\s?)?RATIO[:=.…_\\s]{0,12}(" + NUMBER + ")(?:\\s?(?::|TO|/)\\s?1\\b)?|(" + NUMBER
                            + ")\\s?(?::|TO)\\s?1(?:\\s?(?:GEAR\\s?)?RATIO)?\\b"),
            rule(
                    Kind.OUTPUT_SPEED,
                    "\\b(?:OUTPUT|OUT|GEAR)\\s(?:SHAFT\\s)?(?:RPM|R\\.P\\.M\\.|SPEED)[:=.…_\\s]{0,12}(" + NUMBER
                            + ")(?:\\s?RPM\\b)?|(" + NUMBER + ")\\s?(?:RPM|R\\.P\\.M\\.)\\s(?:OUTPUT|OUT)\\b"),
            rule(
                    Kind.TORQUE,
                    "(?:\\b(?:OUTPUT\\s)?TORQUE[:=.…_\\s]{0,12})(" + NUMBER + ")(?:\\s?(?:" + TORQUE_UNIT + "))?|("
                            + NUMBER + ")\\s?(?:" + TORQUE_UNIT + ")(?:\\s?TORQUE)?"),
            rule(
                    Kind.IGNORED,
                    "\\bSYN(?:C(?:HR(?:ONOUS)?)?)?\\b\\.?(?:\\s(?:SPEED|R\\.?P\\.?M\\.?))?" + LEADS + "(?:" + NUMBER
                            + ")"),
            rule(Kind.IGNORED, "\\bTHRUST[:=.…_\\s]{0,12}(?:" + NUMBER + ")(?:\\s?(?:LBS?|N|KG)\\b)?"),
            rule(Kind.IGNORED, "\\b(?:IEC|EN)\\s?(?:60)?034(?:-1)?|\\bVDE\\s?0530"),
            rule(Kind.IGNORED, "(?:" + NUMBER + ")\\s?(?:KG|LBS?)\\b"),
            rule(Kind.IGNORED, "\\b(?:MADE IN|MFG\\.?|MFD BY)\\s+[A-Z]+"),
            rule(Kind.START_CAPACITOR, "\\b(?:START(?:ING)?|ANLAUF|C\\.?A\\.?(?=[\\s:=\\d]))[\\s:=-]*" + CAPACITOR),
            rule(Kind.RUN_CAPACITOR, "\\b(?:RUN(?:NING)?|BETRIEBS?|C\\.?B\\.?(?=[\\s:=\\d]))[\\s:=-]*" + CAPACITOR),
            rule(Kind.CAPACITOR, CAPACITOR_RANGE),
            rule(Kind.CAPACITOR, "(?:\\bC\\b)?" + CAPACITOR),
            rule(
                    Kind.SERVICE_FACTOR,
                    "(?:\\bS\\.?\\s?F(?:\\b\\.?|(?=\\d))|\\bSER\\.?\\s?F\\b\\.?|\\bSERV(?:ICE)?\\.?\\s?FACT(?:OR)?\\.?)[:=.…_\\s-]{0,12}("
                            + NUMBER + ")"),
            rule(
                    Kind.CODE,
                    "(?:\\bKVA\\s{0,4})?\\bCODE\\b[:=.…_\\s]{0,12}([A-HJ-NPR-V])\\b|\\bKVA\\b[:=.…_\\s]{0,12}([A-HJ-NPR-V])\\b"),
            rule(
                    Kind.AMBIENT,
                    "(?:\\bMAX\\.?\\s{0,4})?\\bAMB(?:IENT)?(?:\\b\\.?|(?=\\d))[:=.…_\\s]{0,12}(?:TEMP\\.?\\s{0,4})?(\\d{2})\\s?°?\\s?C?\\b"
                            + "|\\b(\\d{2})\\s?°?\\s?C\\s{0,4}(?:MAX\\.?\\s{0,4})?AMB(?:IENT)?\\b\\.?"),
            rule(
                    Kind.RISE,
                    "(?:\\bTEMP(?:ERATURE)?\\.?\\s{0,4})?\\bRISE\\b[:=.…_\\s]{0,12}(\\d{2,3})\\s?°?\\s?C?\\b"
                            + "|\\b(\\d{2,3})\\s?°?\\s?C\\s{0,4}RISE\\b"),
            rule(
                    Kind.INSULATION,
                    "\\b(?:INSUL(?:ATION)?|INS|ISO|I\\.?CL|TH)\\b\\.?\\s{0,4}-?(?:CL(?:ASS)?\\b\\.?|KL\\b\\.?)?[:=.…_\\s]{0,12}([ABEFH])\\b"
                            + "|\\b(?:CLASS|CL\\.|KL\\.)\\s{0,4}([ABEFH])\\b"),
            rule(
                    Kind.DUTY,
                    "(?:\\b(?:DUTY|TIME RATING|RATING|TIME|BETRIEB)\\b[:=.…_\\s]{0,12})?"
                            + "(\\bCONT(?:INUOUS|\\.)?(?=\\W|$)\\.?|\\bS[1-9]\\b(?:\\s?-?\\s?\\d{1,3}\\s?%)?"
                            + "|\\bINT(?:ERMITTENT|\\.)?(?=\\W|$)\\.?|\\b\\d{1,3}\\s?MIN\\b(?!-1|⁻)\\.?|\\b24\\s?HRS?\\b|\\bAIR\\s?OVER\\b)"),
            rule(
                    Kind.FRAME,
                    "\\b(?:FRAME|FR)\\b\\.?[:=.…_\\s-]{0,12}([A-Z]?\\d{2,3}[A-Z]{0,4})\\b|\\bIEC\\s?(\\d{2,3}[A-Z]?)\\b|\\bBG\\s?(\\d{2,3})\\b"
                            + "|\\b(\\d{2,3}TC?)\\b"),
            rule(Kind.NOT_REVERSIBLE, "\\bNON?[\\s-]?REV(?:ERSIBLE|\\.)?|\\bNOT REVERSIBLE"),
            rule(Kind.REVERSIBLE, "\\bREV(?:ERSIBLE|\\.)(?=\\s|$|[,;])"),
            rule(
                    Kind.ROTATION,
                    "(?:\\b(?:ROT(?:ATION|\\.)?|DIR(?:ECTION|\\.)?)[:=.…_\\s]{0,12})?\\b(C\\.?C\\.?W|C\\.?W|CLOCKWISE"
                            + "|COUNTER[\\s-]?CLOCKWISE|ANTI[\\s-]?CLOCKWISE|ACW)"
                            + "(?:\\b\\.?(?:[\\s,(]{0,4}(?:FACING|FAC\\.?|VIEWED FROM|SEEN FROM|LOOKING AT|FROM)?\\s{0,4}(?:THE\\s)?("
                            + END
                            + ")\\b\\)?)?|(OPE|ODE|SE|LE|PE|DE|NDE)\\b)"),
            rule(
                    Kind.PROTECTION,
                    "(?:\\b(?:NOT|NO|W/O|WITHOUT)\\s+)?(?:\\bTHERM(?:AL(?:LY)?|\\.)?\\s{0,4}(?:OVERLOAD\\s{0,4})?PROT(?:ECT(?:ED|ION|OR)|\\.)?"
                            + "|\\bTHERMOGUARD|\\bIMP(?:EDANCE|\\.)?\\s{0,4}PROT(?:ECTED|\\.)?|\\bINHERENT(?:LY)?\\s{0,4}PROT(?:ECTED|\\.)?"
                            + "|\\bOVERLOAD PROTECT(?:ED|OR))(?:\\s{0,4}[-:,]?\\s{0,4}(AUTO(?:MATIC)?|MAN(?:UAL)?)\\b\\.?)?(?:\\s{0,4}RESET)?"
                            + "|\\bT\\.?P\\b\\.?[\\s:]*(AUTO|MAN)\\b\\.?"
                            + "|\\b(AUTO(?:MATIC)?|MAN(?:UAL(?:LY)?)?)\\b\\.?\\s{0,4}RESET(?:TING)?\\b"
                            + "(?:[\\s,-]{0,4}(?:THERM(?:AL(?:LY)?|\\.)?\\s{0,4})?(?:OVERLOAD\\s{0,4})?(?:PROT(?:ECT(?:ED|ION|OR)|\\.)?|OVERLOAD)\\b)?"),
            rule(
                    Kind.FAMILY,
                    "\\bCAP(?:ACITOR|\\.)?[\\s.-]*START(?:[\\s,/&-]*(?:AND\\s)?(?:CAP(?:ACITOR|\\.)?[\\s.-]*RUN|INDUCTION[\\s-]{0,4}RUN))?"
                            + "|\\bSPLIT[\\s-]{0,4}PH(?:ASE|\\.)?|\\bPERM(?:ANENT|\\.)?[\\s-]{0,4}SPLIT[\\s-]{0,4}CAP(?:ACITOR|\\.)?"
                            + "|\\bP\\.?S\\.?C\\b\\.?|\\bCSCR\\b|\\bCSIR\\b|\\bCSR\\b|\\bRSIR\\b"),
            rule(
                    Kind.OTHER_FAMILY,
                    "\\bUNIVERSAL\\b|\\bAC\\s?/\\s?DC\\b|\\bREPULSION(?:[\\s-]{0,4}START)?(?:[\\s-]{0,4}INDUCTION)?(?:[\\s-]{0,4}RUN)?"
                            + "|\\bSHADED[\\s-]{0,4}POLE|\\bHERMETIC(?:ALLY SEALED)?\\b|\\bSEALED (?:UNIT|MOTOR)\\b|\\bCOMPRESSOR\\b|\\bSERIES WOUND|\\bBRUSH(?:ED)?\\b"),
            rule(Kind.IGNORED, "\\bUSABLE (?:AT|ON) \\d{3}\\s?V(?:OLTS?)?\\b"),
            rule(Kind.PHASE, "\\b(SINGLE|ONE|THREE)[\\s-]PH(?:ASE|\\.)?(?![A-Z])"),
            rule(Kind.POLES, "\\b(\\d{1,2})[\\s-]{0,4}POLES?\\b|\\bPOLES?[:=.…_\\s]{0,12}(\\d{1,2})\\b"));

    /** Words that mean nothing here. */
    static final List<Rule> NOISE = List.of(rule(
            Kind.IGNORED,
            "\\b(?:TEFC|TENV|ODP|DRIP[\\s-]{0,4}PROOF|TOTALLY ENCLOSED|FAN COOLED|OPEN|ENCL(?:OSURE)?\\b\\.?|AC|A\\.C\\.|MOTOR|INDUCTION|ELECTRIC"
                    + "|GEARMOTOR|MOTEUR|MOTORE|ELEKTROMOTOR|TYPE|FARM|DUTY|BALL|SLEEVE|HOUSING|LOW|HIGH|MOT\\.?|FULL LOAD|LR|NO\\.?|NR\\.?"
                    + "|REVERSING|P|P2|OUTPUT|INPUT|RATED|LOAD|CAPS?|BEARINGS?)(?=\\s|$|[.,;:])"));

    private PlateWords() {}

    private static Rule rule(Kind kind, String pattern) {
        return new Rule(
                kind,
                Pattern.compile(
                        pattern, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS));
    }
}
