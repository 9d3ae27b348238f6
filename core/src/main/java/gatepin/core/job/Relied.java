package gatepin.core.job;

/** Something of a job that gates rely on: when it changes, their pins drop. */
public sealed interface Relied permits Fact, Part {
    boolean isReliedOnBy(Gate gate);
}
