package fairacre.plan;

import java.util.UUID;

/** An edit of what is paid for besides what the plan's drawing calls for. */
public sealed interface PurseChange extends Change {

    /** A new line, or another state of the one with the same id. */
    record PutSundry(Sundry sundry) implements PurseChange {
        public PutSundry {
            Limits.present(sundry, "sundry");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withSundries(Keyed.put(plan.sundries(), Sundry::id, sundry));
        }

        @Override
        public Change inverse(Plan before) {
            Sundry old = Keyed.find(before.sundries(), Sundry::id, sundry.id());
            return old == null ? new RemoveSundry(sundry.id()) : new PutSundry(old);
        }
    }

    record RemoveSundry(UUID sundry) implements PurseChange {
        public RemoveSundry {
            Limits.present(sundry, "sundry");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withSundries(Keyed.without(plan.sundries(), Sundry::id, sundry, "sundry"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutSundry(Keyed.known(before.sundries(), Sundry::id, sundry, "sundry"));
        }
    }

    /** How loose stuff comes to the garden from now on. */
    record PutSupply(Supply supply) implements PurseChange {
        public PutSupply {
            Limits.present(supply, "supply");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withSupply(supply);
        }

        @Override
        public Change inverse(Plan before) {
            return new PutSupply(before.supply());
        }
    }

    /** With what boards are cut from now on, and those that are there already. */
    record PutWorkshop(Workshop workshop) implements PurseChange {
        public PutWorkshop {
            Limits.present(workshop, "workshop");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withWorkshop(workshop);
        }

        @Override
        public Change inverse(Plan before) {
            return new PutWorkshop(before.workshop());
        }
    }

    /** What a shop asked, or another state of what was noted before. */
    record PutQuote(Quote quote) implements PurseChange {
        public PutQuote {
            Limits.present(quote, "quote");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            Amounts.sameCurrency(plan.currency(), quote.amount(), "quote/amount");
            return plan.withQuotes(Keyed.put(plan.quotes(), Quote::id, quote));
        }

        @Override
        public Change inverse(Plan before) {
            Quote old = Keyed.find(before.quotes(), Quote::id, quote.id());
            return old == null ? new RemoveQuote(quote.id()) : new PutQuote(old);
        }
    }

    record RemoveQuote(UUID quote) implements PurseChange {
        public RemoveQuote {
            Limits.present(quote, "quote");
        }

        @Override
        public Plan carriedOut(Plan plan) {
            return plan.withQuotes(Keyed.without(plan.quotes(), Quote::id, quote, "quote"));
        }

        @Override
        public Change inverse(Plan before) {
            return new PutQuote(Keyed.known(before.quotes(), Quote::id, quote, "quote"));
        }
    }
}
