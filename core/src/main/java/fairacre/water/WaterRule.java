package fairacre.water;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about water. The names are stable codes. */
public enum WaterRule implements Rule {
    PIPE_UNFED(
            "Pipes that nothing feeds",
            "Every run and every line in a bed leads back to a tap or a barrel that is there in the season.",
            "plain sense"),
    LINES_NOWHERE(
            "Lines without a bed to lie in",
            "Dripline and drilled hose lie in a bed that stands in the season and has room for them.",
            "plain sense"),
    OUTLET_WEAK(
            "Too little pressure in a bed",
            "Every outlet gets the pressure that it needs: a plain dripper a metre of water, a compensating one half a"
                    + " bar, a drilled hole 0.3 m of water.",
            "common practice; the hole is a rough guess"),
    WATER_UNEVEN(
            "Some plants get far less",
            "The quarter of the outlets that gets least has at least 85 % of the mean in dripline, 75 % in drilled"
                    + " hose.",
            "common practice; the measure is that of ASABE EP405 and EP458"),
    SOURCE_TOO_SMALL(
            "More at once than the tap gives",
            "A zone takes at most three quarters of what the tap gives at the pressure which the zone needs.",
            "common practice"),
    WATER_TOO_FAST(
            "Water too fast in a pipe", "Water flows through a run at 1.5 m/s (5 ft/s) at most.", "common practice"),
    TAP_WITHOUT_PREVENTER(
            "Water can flow back into the house",
            "A tap that feeds pipes has a backflow preventer, so that nothing is sucked back into the house. Which"
                    + " one, your water company and local code say.",
            "common practice, and code in most places"),
    DRIP_WITHOUT_FILTER(
            "Drippers without a filter",
            "In front of drippers there is a filter, so that they don't clog.",
            "common practice"),
    DRIP_WITHOUT_REDUCER(
            "Drippers without a pressure reducer",
            "Between a tap and drippers there is a pressure reducer of about 1.7 bar (25 psi).",
            "common practice"),
    PIPE_IN_KEEP_OFF(
            "A pipe where nothing may be built",
            "No pipe leads over ground that is kept free: a septic field, a well's surroundings.",
            "the setback that you gave; local code"),
    PIPE_OVER_LINE(
            "A pipe over a buried line",
            "Pipes keep off buried cables and pipes; whoever must cross one has it marked first and digs by hand.",
            "common practice; in many places the law"),
    WATERING_TOO_LONG(
            "No time left to water a zone",
            "All zones run one after the other within the hours that are allowed.",
            "your hours; without any, from midnight to eight (common practice)"),
    WATERING_TOO_SELDOM(
            "The soil dries out between waterings",
            "From one day on which watering is allowed to the next the soil holds as much as plants readily take up.",
            "FAO Irrigation and Drainage Paper 56, equations 82 and 83, tables 19 and 22"),
    BARREL_DRY(
            "A barrel that runs dry",
            "In more than half of all years a barrel under a roof lasts over every growing month.",
            "simulated from your normals; rain by Geng and others 1986, soil by FAO-56, equation 85"),
    PIPES_FREEZE(
            "Pipes that frost can burst",
            "Where the usual nights of a month are below zero, pipes have a drain cock at their lowest place; filter and"
                    + " reducer are taken in.",
            "common practice"),
    VALVE_IN_WALK(
            "A valve in the way",
            "Valves and manifolds are fixed to the side of a bed, to a post or a wall, a hand's breadth off it at most,"
                    + " and never stand in a walk.",
            "common practice"),
    VALVE_OUT_OF_REACH(
            "A valve that somebody can't turn",
            "Everybody comes to a valve; from a chair its handle is 15 to 48 in above the ground.",
            "plane geometry; 2010 ADA Standards 308.2"),
    MANIFOLD_FULL("More pipes than valves", "Each pipe that begins at a manifold has a valve of it.", "plain sense"),
    SPRINKLERS_WET(
            "Sprinklers that wet walks or walls",
            "What sprinklers throw falls on beds, a hand's breadth beyond at most: not on walks, walls of houses or the"
                    + " neighbour's ground.",
            "common practice"),
    PIPE_THROUGH_BED(
            "A pipe through another bed",
            "Pipes follow the edges of beds: through the soil of one lead only its own lines, where no spade meets"
                    + " them.",
            "common practice"),
    BED_UNWATERED(
            "Beds that no pipe waters", "Once some beds are watered by pipes, so are the others.", "common practice"),
    CROPS_UNWATERED(
            "Crops that nothing waters",
            "Where the usual weather takes more out of the soil in a month than crops readily take up, there is a tap or"
                    + " a barrel.",
            "FAO Irrigation and Drainage Paper 56, tables 12, 19 and 22");

    private final Text text;

    WaterRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.WATER;
    }

    @Override
    public Text text() {
        return text;
    }

    @Override
    public boolean toldTogether() {
        return this == BED_UNWATERED || this == CROPS_UNWATERED;
    }
}
