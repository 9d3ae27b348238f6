package gatepin.core.plan;
import gatepin.core.Effort; import gatepin.core.gear.SwitchKind; import java.time.Duration;
public class SweepTimes {
  public static void main(String[] a) {
    int limit = Integer.parseInt(a[0]);
    for (int round = 0; round < 2; round++) {
    double total=0; int plans=0, late=0;
    for (Sweep.Wired w : Sweep.all()) {
      if (a.length > 1 && !w.name().contains(a[1])) continue;
      long t0=System.nanoTime(); RunningConnections r=null; String err="";
      try { r=RunningConnections.of(w.motor(),w.leads(),w.rated(),w.connection(),w.supply(),Effort.of(Duration.ofSeconds(limit))); } catch (Effort.TooMuch e){ err="LATE"; }
      double ms=(System.nanoTime()-t0)/1e6;
      if (round==1) System.out.printf("%s running %.0f ms %s%n", w.name(), ms, r==null?err:r.forward().size()+"/"+r.reverse().size());
      if (r==null) continue;
      StringBuilder line=new StringBuilder();
      for (SwitchKind k : SwitchKind.ALL) {
        t0=System.nanoTime(); String n;
        try { PlanResult p=Planner.search(w.on(k,r),Effort.of(Duration.ofSeconds(limit))); n=""+p.plans().size()+(p.plans().isEmpty()?"-":""); plans+=p.plans().size(); } catch (Effort.TooMuch e){ n="LATE"; late++; }
        ms=(System.nanoTime()-t0)/1e6; total+=ms;
        line.append(String.format("  %s:%.0f(%s)",k.key(),ms,n));
      }
      if (round==1) System.out.println(line);
    }
    if (round==1) System.out.printf("TOTAL %.1f s, %d plans, %d late%n", total/1000, plans, late);
    }
  }
}
