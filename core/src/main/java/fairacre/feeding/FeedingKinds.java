package fairacre.feeding;

import fairacre.plan.Lifetime;
import fairacre.plan.Things;

/** Tests of the soil and mulches as kinds of things of the plan. */
public final class FeedingKinds {

    private static final int MOST = 200;

    public static final Things<SoilTest> SOIL_TESTS = new Things<>(
            SoilTest.class,
            "soilTest",
            "soilTests",
            MOST,
            SoilTest::id,
            SoilTest::name,
            (terms, test) -> {},
            new Things.Words("Noted the soil test %s", "Forgot the soil test %s", "a soil test"),
            Things.Seasons.all());

    public static final Things<Mulch> MULCHES = new Things<>(
            Mulch.class,
            "mulch",
            "mulches",
            MOST,
            Mulch::id,
            Mulch::name,
            (terms, mulch) -> {},
            new Things.Words("Planned the mulch %s", "Took the mulch %s out", "a mulch"),
            new Things.Seasons<>((plan, mulch) -> Lifetime.from(mulch.first()), mulch -> "mulch"));

    private FeedingKinds() {}
}
