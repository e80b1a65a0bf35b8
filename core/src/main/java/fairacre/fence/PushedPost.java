package fairacre.fence;

import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;

/**
 * A post of what is no fence, which the wind pushes at half its height, or something pulls at another.
 *
 * @param usual depth in the ground, as a post of a fence stands
 * @param wanted depth in the softest ground that may be presumed, rounded up as one digs
 * @param bought length that it is cut from
 * @param force newtons
 * @param stress in its outermost fibre at the ground, megapascals
 * @param allowed megapascals
 */
public record PushedPost(
        PostKind kind,
        Length height,
        Length usual,
        Length wanted,
        Length bought,
        double force,
        double stress,
        double allowed) {

    /** Of dry softwood, kilograms to the cubic metre (common practice). */
    private static final double WOOD = 550;

    private static final double STEEL = 7850;
    /**
     * A post leans on ground so many times as broad as it is, be it what fills its hole or, of one that is driven,
     * ground that moves with it (Broms 1964, from memory).
     */
    private static final int BROAD = 3;

    /** @param kind any but what stands there already */
    public static PushedPost of(PostKind kind, Length height, double force, Plan plan) {
        return pulled(kind, height, force, height.half(), plan);
    }

    /**
     * @param kind any but what stands there already
     * @param at how high above the ground the force acts
     */
    public static PushedPost pulled(PostKind kind, Length height, double force, Length at, Plan plan) {
        Length usual = PostDepth.of(kind, height, FenceKinds.frost(plan));
        double arm = at.metres();
        Length wanted = new Wording(plan.units())
                .tidyUp(PostStatics.embedment(force, arm, kind.width(false).metres() * BROAD));
        return new PushedPost(
                kind,
                height,
                usual,
                wanted,
                PostDepth.bought(kind, height.plus(Length.max(usual, wanted)), plan.units()),
                force,
                PostStatics.stress(kind, false, force * arm),
                PostStatics.allowed(kind));
    }

    public Length depth() {
        return Length.max(usual, wanted);
    }

    /** How long it has to be, below the ground and above. */
    public Length whole() {
        return height.plus(depth());
    }

    public boolean bends() {
        return stress > allowed;
    }

    /** Whether none so long is on sale. */
    public boolean tooLong() {
        return bought.compareTo(whole()) < 0;
    }

    /** Kilograms. */
    public double mass() {
        double density = kind == PostKind.DRIVEN_STEEL ? STEEL : WOOD;
        return whole().metres() * PostStatics.section(kind, false) * density;
    }

    /** Buys and sets so many. */
    public void takeOff(Takeoff takeoff, int season, Use use, int posts, Served served) {
        takeoff.pieces(
                season,
                use.part(),
                FencePrices.post(kind, false, bought, takeoff.plan().units()),
                posts,
                1,
                served);
        Volume fill = Volume.litres(PostDepth.fill(kind, false, depth()).litres() * posts);
        FenceWants.set(takeoff, season, use, kind, posts, fill, served);
    }
}
