package saltdrum.media;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Mark;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Pose;
import saltdrum.core.scene.Scene;
import saltdrum.core.track.Tracks;

/** Scenes of white plates. */
public final class Plates {
    private Plates() {}

    /** A white plate in the middle that is there from a time to another. */
    public static Scene plate(int width, int height, int[]... spans) {
        List<Part> parts = new ArrayList<>();
        for (int[] span : spans) {
            Mark mark = white(width / 4.0, height / 4.0, width / 2.0, height / 2.0, Tracks.NONE);
            parts.add(new Part(
                    parts.size(),
                    span[0],
                    span[1],
                    0,
                    new Box(width / 4.0, height / 4.0, width / 2.0, height / 2.0),
                    1,
                    List.of(mark)));
        }
        return new Scene(width, height, Map.of(), Map.of(), parts);
    }

    public static Mark white(double x, double y, double width, double height, Tracks tracks) {
        return new Mark.Plate(
                x,
                y,
                width,
                height,
                0,
                Pose.about(0, 0),
                List.of(new PaintLayer.Fill(new Paint.Solid("#ffffff"))),
                tracks);
    }
}
