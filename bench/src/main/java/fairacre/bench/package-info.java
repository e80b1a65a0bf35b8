/**
 * How fast it is, told by JMH: {@code ./fairacre bench}. The figures are printed and the last are kept, with their
 * date, in {@code docs/performance.md}. Nothing here is a test.
 */
package fairacre.bench;
