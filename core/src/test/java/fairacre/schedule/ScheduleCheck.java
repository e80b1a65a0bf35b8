package fairacre.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.schedule.ListSchedule.Laid;
import java.util.Arrays;

/** Checks a calendar minute by minute; knows nothing of how it was made. */
final class ScheduleCheck {

    private ScheduleCheck() {}

    static void isSound(ListSchedule schedule) {
        Problem problem = schedule.problem();
        WorkingDays days = problem.days();
        boolean[][] busy = new boolean[days.workers().size()][WorkingDays.DAYS * WorkingDays.DAY];
        double[] done = new double[problem.duties().size()];
        int[] first = new int[done.length];
        int[] end = new int[done.length];
        Arrays.fill(first, Integer.MAX_VALUE);
        for (Laid piece : schedule.laid()) {
            Duty duty = problem.duties().get(piece.duty());
            assertThat(piece.team().workers()).hasSize(duty.people()).doesNotHaveDuplicates();
            assertThat(days.open(duty, piece.day())).isTrue();
            assertThat(piece.day()).isGreaterThanOrEqualTo(duty.notBefore());
            for (int w : piece.team().workers()) {
                assertThat(days.workers().get(w).leaves()).doesNotContain(duty.stage());
                assertThat(piece.span().to()).isLessThanOrEqualTo(days.room(w, piece.day()));
                for (int at = piece.begins(); at < piece.ends(); at++) {
                    assertThat(busy[w][at]).isFalse();
                    busy[w][at] = true;
                }
                done[piece.duty()] +=
                        piece.span().minutes() * days.workers().get(w).pace();
            }
            first[piece.duty()] = Math.min(first[piece.duty()], piece.begins());
            end[piece.duty()] = Math.max(end[piece.duty()], piece.ends());
        }
        for (int i = 0; i < done.length; i++) {
            if (schedule.end(i) < 0) {
                assertThat(done[i]).isZero();
                continue;
            }
            Duty duty = problem.duties().get(i);
            assertThat(done[i]).isGreaterThan(duty.work() - 1e-3);
            assertThat(schedule.end(i)).isEqualTo(end[i]);
            for (Duty.Before before : duty.before()) {
                if (before.duty().isPresent()) {
                    int last = end[before.duty().get()];
                    assertThat(first[i]).isGreaterThanOrEqualTo(last);
                    if (before.days() > 0) {
                        assertThat(first[i] / WorkingDays.DAY - (last - 1) / WorkingDays.DAY)
                                .isGreaterThanOrEqualTo(before.days());
                    }
                }
            }
        }
    }
}
