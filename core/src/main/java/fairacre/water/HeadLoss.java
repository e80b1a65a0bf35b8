package fairacre.water;

/**
 * How much head a link loses at a flow, metres at cubic metres a second: it grows with the flow and never falls. A flow
 * against the link's direction loses as much the other way round, but where something keeps it from flowing back.
 */
interface HeadLoss {

    double at(double flow);

    /** What a little more flow loses more, metres by cubic metres a second; more than 0. */
    double slope(double flow);

    /** Through this nothing flows but a trace, 1e-12 cubic metres a second under a metre of head. */
    double CLOSED = 1e12;

    /** Near no flow a square law would have no slope: less than this is none, metres by cubic metres a second. */
    double LEAST_SLOPE = 1e-3;

    /**
     * A full round pipe.
     *
     * @param length metres
     * @param diameter inside, metres
     * @param roughness height of the wall's roughness, metres
     * @param fittings sum of the local loss coefficients of its fittings, in velocity heads
     * @param viscosity kinematic, square metres a second
     */
    record Pipe(double length, double diameter, double roughness, double fittings, double viscosity)
            implements HeadLoss {

        /** For the slope of the friction factor, which has no short formula between laminar and turbulent. */
        private static final double STEP = 1e-4;

        @Override
        public double at(double flow) {
            if (Math.abs(flow) * perFlow() < 1e-6) {
                return laminar() * flow;
            }
            double factor = Friction.factor(Math.abs(flow) * perFlow(), roughness / diameter);
            return (factor * length / diameter + fittings) * velocityHead() * flow * Math.abs(flow);
        }

        @Override
        public double slope(double flow) {
            double reynolds = Math.abs(flow) * perFlow();
            if (reynolds <= Friction.LAMINAR_UP_TO) {
                return laminar() + 2 * fittings * velocityHead() * Math.abs(flow);
            }
            double step = STEP * Math.abs(flow);
            return (at(flow + step) - at(flow - step)) / (2 * step);
        }

        /** Hagen and Poiseuille: metres of head by cubic metres a second. */
        private double laminar() {
            return 128 * viscosity * length / (Math.PI * Network.GRAVITY * Math.pow(diameter, 4));
        }

        /** Reynolds number by cubic metres a second. */
        private double perFlow() {
            return 4 / (Math.PI * diameter * viscosity);
        }

        /** Head of a flow's velocity by the square of the flow. */
        private double velocityHead() {
            double area = Math.PI * diameter * diameter / 4;
            return 1 / (2 * Network.GRAVITY * area * area);
        }
    }

    /**
     * An outlet into the air: {@code q = coefficient * head^exponent}. Nothing is sucked in where there is no pressure.
     *
     * @param coefficient cubic metres a second under a metre of head, more than 0
     * @param exponent 0.5 of a plain hole; more than 0, at most 1
     */
    record Outlet(double coefficient, double exponent) implements HeadLoss {

        @Override
        public double at(double flow) {
            return flow <= 0 ? CLOSED * flow : Math.pow(flow / coefficient, 1 / exponent);
        }

        @Override
        public double slope(double flow) {
            return flow <= 0 ? CLOSED : Math.max(LEAST_SLOPE, at(flow) / (exponent * flow));
        }
    }

    /**
     * An outlet that gives the same at every pressure from the least on: within {@link #SPREAD} of it up to the head it
     * is made for. Below the least it gives what a plain hole would.
     *
     * @param flow cubic metres a second, more than 0
     * @param least metres of head, more than 0
     * @param most metres of head up to which it compensates, more than the least
     */
    record Compensating(double flow, double least, double most) implements HeadLoss {

        static final double SPREAD = 1e-3;

        @Override
        public double at(double actual) {
            if (actual <= 0) {
                return CLOSED * actual;
            }
            return actual <= flow ? least * actual * actual / (flow * flow) : least + (actual - flow) * steep();
        }

        @Override
        public double slope(double actual) {
            if (actual <= 0) {
                return CLOSED;
            }
            return actual <= flow ? Math.max(LEAST_SLOPE, 2 * least * actual / (flow * flow)) : steep();
        }

        private double steep() {
            return (most - least) / (SPREAD * flow);
        }
    }

    /**
     * What a source gives less the more is drawn: {@code head = closed * (1 - (q / open)^2)}, a parabola through the
     * pressure when it is closed and the flow when it is wide open.
     *
     * @param closed metres of head without flow
     * @param open cubic metres a second at no pressure
     */
    record Draw(double closed, double open) implements HeadLoss {

        @Override
        public double at(double flow) {
            return closed * flow * Math.abs(flow) / (open * open);
        }

        @Override
        public double slope(double flow) {
            return Math.max(LEAST_SLOPE, 2 * closed * Math.abs(flow) / (open * open));
        }
    }

    /** The same, but nothing flows back. */
    record OneWay(HeadLoss open) implements HeadLoss {

        @Override
        public double at(double flow) {
            return flow < 0 ? CLOSED * flow : open.at(flow);
        }

        @Override
        public double slope(double flow) {
            return flow < 0 ? CLOSED : open.slope(flow);
        }
    }
}
