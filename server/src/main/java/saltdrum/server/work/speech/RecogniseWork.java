package saltdrum.server.work.speech;

import org.springframework.stereotype.Component;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.run.Work;
import saltdrum.server.work.run.WorkOrder;

/** Recognises the speech of a clip, or of a part of it. */
@Component
class RecogniseWork implements Work<WorkOrder.Recognise> {
    private final Recognition recognition;

    RecogniseWork(Recognition recognition) {
        this.recognition = recognition;
    }

    @Override
    public Class<WorkOrder.Recognise> order() {
        return WorkOrder.Recognise.class;
    }

    @Override
    public void work(ClipRow clip, WorkOrder.Recognise order, JobContext watch) {
        recognition.intoTrack(clip, order, watch, 1);
    }
}
