package fairacre.walk;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Carrier;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.plan.Swing;
import fairacre.plan.WayIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A walk exactly as wide as a carrier lets it through; one a millimetre narrower doesn't. */
class ExactWidthsTest {

    private static final double MILLIMETRE = 0.001;
    private static final double TURN = 17.3;
    /**
     * What chords of a millimetre take of the ground and the length of all walks of a plan, square metres and metres.
     */
    private static final double CURVES = 0.03;

    private static final double LONGEST = 40;

    /** From 0.4 m to 3 m by inches and by 50 mm. */
    private static DoubleStream widths() {
        return DoubleStream.concat(
                IntStream.rangeClosed(16, 118).mapToDouble(inches -> inches * 0.0254),
                IntStream.rangeClosed(8, 60).mapToDouble(steps -> steps * 0.05));
    }

    /** Places on the drawing, all turned about the origin. */
    private record Turned(double degrees) {

        Point at(double x, double y) {
            double angle = Math.toRadians(degrees);
            return Point.metres(x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle));
        }

        Bed from(String name, double left, double foot, double right, double top) {
            Point middle = at((left + right) / 2, (foot + top) / 2);
            return bed(
                    name,
                    middle.x().metres(),
                    middle.y().metres(),
                    right - left,
                    top - foot,
                    -degrees,
                    Optional.empty());
        }

        Plan plot(double length, double width, Bed... beds) {
            return on(List.of(at(0, 0), at(length, 0), at(length, width), at(0, width)), List.of(), beds);
        }

        Change gate(double x, double y, double width) {
            return Put.of(new WayIn(id("Gate"), "Gate", at(x, y), Length.metres(width), Swing.INWARD));
        }
    }

    /** Walks of one width among beds, with a gate as wide at their end. */
    enum Walks {
        STRAIGHT {
            @Override
            Plan plan(Turned turned, double wide, double gate) {
                return with(
                        turned.plot(
                                6,
                                2 + wide,
                                turned.from("Low", 0, 0, 6, 1),
                                turned.from("High", 0, 1 + wide, 6, 2 + wide)),
                        turned.gate(0, 1 + wide / 2, gate));
            }

            @Override
            double area(double wide) {
                return 6 * wide - (4 - Math.PI) * wide * wide / 4;
            }
        },
        BENT {
            @Override
            Plan plan(Turned turned, double wide, double gate) {
                return with(
                        turned.plot(4 + wide, 4 + wide, turned.from("Inner", wide, wide, 4 + wide, 4 + wide)),
                        turned.gate(wide / 2, 4 + wide, gate));
            }

            @Override
            double area(double wide) {
                return 8 * wide + wide * wide - (4 - Math.PI) * wide * wide / 4 * 5 / 4;
            }
        },
        CROSSING {
            @Override
            Plan plan(Turned turned, double wide, double gate) {
                double far = 2 + wide;
                return with(
                        turned.plot(
                                4 + wide,
                                4 + wide,
                                turned.from("SW", 0, 0, 2, 2),
                                turned.from("SE", far, 0, far + 2, 2),
                                turned.from("NW", 0, far, 2, far + 2),
                                turned.from("NE", far, far, far + 2, far + 2)),
                        turned.gate(2 + wide / 2, 0, gate));
            }

            @Override
            double area(double wide) {
                return 8 * wide + wide * wide - (4 - Math.PI) * wide * wide / 4 * 2;
            }
        },

        ROUND {
            @Override
            Plan plan(Turned turned, double wide, double gate) {
                return with(
                        turned.plot(3 + 2 * wide, 2 + 2 * wide, turned.from("Island", wide, wide, 3 + wide, 2 + wide)),
                        turned.gate(0, 1 + wide, gate));
            }

            @Override
            double area(double wide) {
                return 10 * wide + 4 * wide * wide - (4 - Math.PI) * wide * wide / 4;
            }
        };

        abstract Plan plan(Turned turned, double wide, double gate);

        /** What a disk as wide as the walk sweeps, square metres: the walk less what it leaves in the corners. */
        abstract double area(double wide);
    }

    private static List<StandingBed> beds(Plan plan) {
        return plan.standing(SEASON);
    }

    private static WalkStudy walks(Plan plan) {
        return WalkStudy.of(plan.setting(SEASON), beds(plan));
    }

    private static CarrierGround ground(Plan plan, Carrier carrier) {
        return CarrierStudy.of(walks(plan), beds(plan)).judge(carrier);
    }

    private static boolean isShutOut(Plan plan, Carrier carrier) {
        return CarrierStudy.of(walks(plan), beds(plan)).ground(carrier).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    @DisplayName(
            "What a disk sweeps of a walk as wide as itself: length x width less (1 - pi/4) r^2 in each corner [closed form]")
    void aWalkExactlyAsWideLetsThroughAndAMillimetreLessDoesNot(Walks walks) {
        List<String> wrong = widths().parallel()
                .boxed()
                .flatMap(width -> wrong(walks, width).stream())
                .toList();
        assertThat(wrong).isEmpty();
    }

    private static List<String> wrong(Walks walks, double width) {
        Carrier carrier = carrier("Carrier", width, true, width + 1);
        Turned turned = new Turned(Math.round(width * 1000) % 2 == 0 ? 0 : TURN);
        List<String> wrong = new ArrayList<>();
        for (double over : new double[] {0, MILLIMETRE}) {
            Plan plan = walks.plan(turned, width + over, width + over);
            CarrierGround ground = ground(plan, carrier);
            check(
                    wrong,
                    width,
                    over,
                    "shut out of " + ground.shutOut().size(),
                    ground.shutOut().isEmpty());
            check(
                    wrong,
                    width,
                    over,
                    "area " + ground.area(),
                    Math.abs(ground.area().squareMetres() - walks.area(width)) < CURVES + over * LONGEST);
            check(
                    wrong,
                    width,
                    over,
                    "no dead end",
                    walks == Walks.ROUND
                            || !ground.deadEnds().isEmpty()
                            || !ground.turning().isEmpty()
                            || !ground.tees().isEmpty());
            check(wrong, width, over, "pinched", ground.pinches().isEmpty());
            Point gate = plan.waysIn().get(0).place();
            List<Route> routes = RouteStudy.of(walks(plan), beds(plan), carrier).from(gate);
            check(
                    wrong,
                    width,
                    over,
                    "routes " + routes.size(),
                    routes.size() == beds(plan).size());
        }
        Plan narrow = walks.plan(turned, width - MILLIMETRE, width + 0.1);
        check(wrong, width, -MILLIMETRE, "let through", isShutOut(narrow, carrier));
        Plan gated = walks.plan(turned, width, width - MILLIMETRE);
        check(wrong, width, -MILLIMETRE, "let through the gate", isShutOut(gated, carrier));
        return wrong;
    }

    private static void check(List<String> wrong, double width, double over, String what, boolean holds) {
        if (!holds) {
            wrong.add("%.4f m, %+.0f mm: %s".formatted(width, over * 1000, what));
        }
    }
}
