/**
 * Watches a timer water a garden: opens and shuts valves by the programme, leaves them shut after rain, and tells from
 * the flow meter whether what ran is what should have run.
 *
 * <p>The garden's devices stand behind two small interfaces, {@link fairacre.watch.Controller} and
 * {@link fairacre.watch.WeatherStation}. The ones that ship are simulated, talk to no network, and can be given faults;
 * ones for real devices would take their place without a change here. Start reading at {@link fairacre.watch.Watch}.
 */
package fairacre.watch;
