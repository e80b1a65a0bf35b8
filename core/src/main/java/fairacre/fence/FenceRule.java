package fairacre.fence;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about fences. The names are stable codes. */
public enum FenceRule implements Rule {
    PEST_GETS_IN(
            "Nothing keeps a pest out",
            "The beds are closed in against every animal that you named.",
            "the pests that you named"),
    FENCE_TOO_LOW(
            "A fence that is jumped over",
            "A fence is high enough for what it is to keep out, above the snow that usually lies: 8 ft (2.4 m) for deer,"
                    + " 6 ft (1.8 m) where they seldom come and see no clear place to land.",
            "common practice"),
    FENCE_MESH_WIDE(
            "A mesh that is slipped through",
            "The mesh is as fine as the smallest of them: 1 in (25 mm) for young rabbits, 24 to 30 in high.",
            "common practice"),
    FENCE_FOOT_OPEN(
            "A fence that is dug under",
            "Against what digs, mesh goes 6 in into the ground or lies 12 in flat outwards for rabbits, 12 to 24 in into the"
                    + " ground for burrowers.",
            "common practice"),
    FENCE_CLIMBED("A fence that is climbed", "A fence for goats has no footholds.", "common practice"),
    FENCE_ONLY_STRING(
            "Strings that are only strings",
            "Three strings on canes keep deer off for one season, and nothing else.",
            "common practice"),
    FENCE_GAP("A hole in the fence", "The ring is closed: ends meet, and every way in has a gate.", "plain sense"),
    FENCE_NOT_KNOWN(
            "A fence nobody knows enough about",
            "Of what is to keep animals out it is known how high it is and what it is made of.",
            "plain sense"),
    FENCE_THROUGH(
            "A fence through something built",
            "A fence ends at a house or a shed and goes on behind it; it leads through nothing that is built.",
            "plain sense"),
    GATE_WITHOUT_FENCE(
            "A gate in no fence", "A gate within the plot is in a fence that stands in the season.", "plain sense"),
    GATE_WIDER_THAN_SIDE(
            "A gate wider than its side",
            "A gate has room in the straight stretch that it is in, between the posts at its ends.",
            "plain sense"),
    GATE_HITS(
            "A gate that hits something",
            "Over the ground on which a gate swings nothing stands: no bed, no tap, no wall.",
            "plane geometry"),
    GATE_UPHILL(
            "A gate that opens uphill",
            "The ground under a gate rises no higher than there is room below its foot as it swings.",
            "plane geometry"),
    GATE_LATCH(
            "A latch out of reach",
            "From a chair a latch is 34 to 48 in above the ground.",
            "2010 ADA Standards 404.2.7"),
    GATE_NO_ROOM(
            "No room to pull a gate open",
            "Whoever pulls a gate open from a chair has 60 in of depth before it and 18 in beside its latch.",
            "2010 ADA Standards 404.2.4"),
    GATE_NARROWER_THAN_WALK(
            "A gate narrower than its walk",
            "A gate is as wide as the walk behind it, within a foot.",
            "common practice"),
    GATE_POST_WEAK(
            "A gate too heavy for its post",
            "The post that a leaf hangs on bears it open: moment over section modulus is no more than 700 psi (4.8 MPa) for"
                    + " wet wood, 0.6 of its yield strength for steel.",
            "statics; allowed stresses from memory"),
    POSTS_ROT_FIRST(
            "Posts that rot before the fence",
            "Posts last at least half as long as what hangs on them: untreated wood rots at the ground in about 3 years.",
            "common practice"),
    POST_BLOCKED(
            "A post that can't be dug in",
            "Posts keep off buried lines, trunks, taps and beds, and off ground that is kept free. Have buried lines marked"
                    + " before you dig.",
            "common practice; in many places the law"),
    SPAN_TOO_LONG(
            "Posts too far apart",
            "Posts stand no further apart than the fence bears: 6 to 8 ft for mesh, 12 ft for stretched woven wire, 15 ft"
                    + " for stretched field fence.",
            "common practice");

    private final Text text;

    FenceRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.FENCE;
    }

    @Override
    public Text text() {
        return text;
    }
}
