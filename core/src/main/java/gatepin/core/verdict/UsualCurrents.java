package gatepin.core.verdict;

import gatepin.core.circuit.AcSolution;
import gatepin.core.circuit.Capacitor;
import gatepin.core.circuit.Coil;
import gatepin.core.circuit.Rotor;
import gatepin.core.circuit.Winding.Circuit;
import gatepin.core.circuit.WiredMotor;
import java.util.List;
import org.hipparchus.complex.Complex;

/** What each coil of a motor carries where it is wired as it should be: the measure for too much and too little. */
final class UsualCurrents {
    /** Below this share of its usual current a winding counts as carrying nothing. */
    static final double NOTHING = 0.03;

    private final WiredMotor wired;

    UsualCurrents(WiredMotor wired) {
        this.wired = wired;
    }

    private int hertz() {
        return wired.supply().hertz();
    }

    /** At standstill on its rated voltage, A. */
    double amps(Coil coil) {
        Rotor rotor = wired.motor().rotor();
        int alike = wired.motor().coils(coil.circuit()).size();
        Complex impedance = rotor.fieldImpedance(1, hertz())
                .multiply(coil.turns() * coil.turns() * alike)
                .add(new Complex(coil.ohms(), coil.leakageOhms() * hertz() / rotor.ratedHertz()));
        if (coil.circuit() == Circuit.START) {
            impedance = impedance.add(capacitors());
        }
        return coil.ratedVolts() / impedance.norm();
    }

    boolean carries(AcSolution solution, Coil coil) {
        return solution.current(coil).norm() > NOTHING * amps(coil);
    }

    /** The impedance in series with each start coil: all capacitors belong to the start circuit, shared by its halves. */
    private Complex capacitors() {
        List<Capacitor> all = wired.capacitors();
        if (all.isEmpty()) {
            return Complex.ZERO;
        }
        Complex admittance = Complex.ZERO;
        for (Capacitor capacitor : all) {
            admittance =
                    admittance.add(new Complex(capacitor.esrOhms(), -capacitor.reactanceOhms(hertz())).reciprocal());
        }
        return admittance
                .reciprocal()
                .multiply(wired.motor().coils(Circuit.START).size());
    }
}
