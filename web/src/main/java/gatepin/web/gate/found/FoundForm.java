package gatepin.web.gate.found;

import gatepin.core.found.FoundRecord;
import gatepin.core.found.FoundWire;
import gatepin.core.found.FoundWireReader;
import java.util.ArrayList;
import java.util.List;

/** The form of the wires as found, with what was typed. */
public final class FoundForm {
    private List<Row> wires = new ArrayList<>();
    private boolean nothingConnected;
    private int version;

    /** One row of the wire table. */
    public static final class Row {
        private String mark = "";
        private String colour = "";
        private String bands = "";
        private String oneEnd = "";
        private String otherEnd = "";
        private String aside = "";

        public String getMark() {
            return mark;
        }

        public void setMark(String mark) {
            this.mark = mark;
        }

        public String getColour() {
            return colour;
        }

        public void setColour(String colour) {
            this.colour = colour;
        }

        public String getBands() {
            return bands;
        }

        public void setBands(String bands) {
            this.bands = bands;
        }

        public String getOneEnd() {
            return oneEnd;
        }

        public void setOneEnd(String oneEnd) {
            this.oneEnd = oneEnd;
        }

        public String getOtherEnd() {
            return otherEnd;
        }

        public void setOtherEnd(String otherEnd) {
            this.otherEnd = otherEnd;
        }

        public String getAside() {
            return aside;
        }

        public void setAside(String aside) {
            this.aside = aside;
        }

        public boolean isBlank() {
            return (mark + colour + bands + oneEnd + otherEnd + aside).isBlank();
        }
    }

    static FoundForm of(FoundRecord record, int version) {
        FoundForm form = new FoundForm();
        for (FoundWire wire : record.wires()) {
            Row row = new Row();
            row.mark = wire.mark();
            row.colour = wire.colour();
            row.bands = wire.bands() == 0 ? "" : "" + wire.bands();
            row.oneEnd = FoundWireReader.words(wire.oneEnd());
            row.otherEnd = FoundWireReader.words(wire.otherEnd());
            row.aside = wire.aside();
            form.wires.add(row);
        }
        form.nothingConnected = record.nothingConnected();
        form.version = version;
        form.fillRows();
        return form;
    }

    void fillRows() {
        while (wires.size() < FoundWireReader.MOST) {
            wires.add(new Row());
        }
    }

    List<FoundWireReader.Typed> typed() {
        return wires.stream()
                .map(r -> new FoundWireReader.Typed(r.mark, r.colour, r.bands, r.oneEnd, r.otherEnd, r.aside))
                .toList();
    }

    public List<Row> getWires() {
        return wires;
    }

    public void setWires(List<Row> wires) {
        this.wires = wires;
    }

    public boolean isNothingConnected() {
        return nothingConnected;
    }

    public void setNothingConnected(boolean nothingConnected) {
        this.nothingConnected = nothingConnected;
    }

    public int getVersion() {
        return version;
    }

    public void setVersion(int version) {
        this.version = version;
    }
}
