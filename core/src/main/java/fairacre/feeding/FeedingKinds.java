package fairacre.feeding;

import fairacre.plan.Things;

/** Tests of the soil as a kind of thing of the plan. */
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

    private FeedingKinds() {}
}
