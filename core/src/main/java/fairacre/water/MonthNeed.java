package fairacre.water;

/**
 * How much water vegetables want in a month of the usual weather, as if they grew on all of its days; litres a square
 * metre, which are millimetres.
 *
 * @param month 1 to 12
 * @param reference what grass gives off in a day
 * @param crop by how much more or less vegetables do; 0 outside the growing months
 * @param use what they give off in the month
 * @param rain of the month
 * @param effective what of it stays for them
 * @param week what is to be watered in a week
 * @param days of the month on which they grow
 */
public record MonthNeed(
        int month,
        double reference,
        double crop,
        double use,
        double rain,
        double effective,
        double week,
        double days) {}
