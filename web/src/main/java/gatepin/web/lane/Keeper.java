package gatepin.web.lane;

/** A room that keeps something of a job: what it has is put together with what the others have when the job is loaded. */
public interface Keeper {
    /** Puts in what this room keeps of the job. */
    void recall(Job job, Recalled into);
}
