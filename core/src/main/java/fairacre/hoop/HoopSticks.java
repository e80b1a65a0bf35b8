package fairacre.hoop;

import fairacre.measure.Length;

/**
 * How many sticks of pipe bows of equal length take. A bow that is longer than a stick is put together from whole
 * sticks and a rest.
 *
 * @param sticks the fewest that do
 * @param couplings that put pieces together
 */
public record HoopSticks(int sticks, int couplings) {

    public static HoopSticks of(int bows, Length bow, Length stick) {
        int whole = (int) (bow.micrometres() / stick.micrometres());
        long rest = bow.micrometres() % stick.micrometres();
        int pieces = whole + (rest > 0 ? 1 : 0);
        int toAStick = rest > 0 ? (int) (stick.micrometres() / rest) : 1;
        int forRests = rest > 0 ? (bows + toAStick - 1) / toAStick : 0;
        return new HoopSticks(bows * whole + forRests, bows * (pieces - 1));
    }

    /** Of bows and of something else, cut each from sticks of their own. */
    public HoopSticks and(HoopSticks other) {
        return new HoopSticks(sticks + other.sticks, couplings + other.couplings);
    }
}
