import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** Morning at the Tern & Tiller slip: an upturned boat gets three coats while the light comes up. */
final class Harbour implements DrawDemo.Picture {
    private static final int[] COATS = {0x9a7653, 0x4f8f86, 0x2f7a78, 0xd9573b};

    @Override
    public void draw(Draw d, double t, double length) {
        double h = d.height;
        double day = t / length;
        d.sky(0, h * 0.46, Draw.mix(0x2b4a66, 0x8fc3cf, day), Draw.mix(0xe8a27c, 0xfbe7c3, day));
        d.glow(690, h * 0.34 - 130 * day, 420, 0xffe3a8, 0.75);
        d.fill(Draw.circle(690, h * 0.34 - 130 * day, 58), Draw.c(0xfff1cf));
        clouds(d, t);
        hills(d, h, day);
        for (int i = 0; i < 7; i++) {
            double y = h * (0.42 + 0.03 * i);
            int colour = Draw.mix(Draw.mix(0x4d7f86, 0x7fb8b4, day), Draw.mix(0x123c46, 0x1f6068, day), i / 6.0);
            d.fill(d.wave(y, 4 + 1.6 * i, 70 + 14 * i, t * (0.7 + 0.1 * i) + i * 1.7), Draw.c(colour));
        }
        for (int i = 0; i < 26; i++) {
            double y = h * 0.43 + (i * 53 % 260);
            double x = 690 + (i * 97 % 240 - 120) * (1 + (y - h * 0.43) / 260) + 12 * Math.sin(t * 1.9 + i);
            d.fill(Draw.oval(x, y, 18 + i % 5 * 6, 2.2), Draw.c(0xfff0cc, 0.35 + 0.25 * Math.sin(t * 2.3 + i * 2)));
        }
        gulls(d, t, h);
        shed(d, h, t, day);
        slip(d, h);
        boat(d, h, t, length);
        lantern(d, h, t, day);
    }

    private void clouds(Draw d, double t) {
        for (int i = 0; i < 5; i++) {
            double x = (i * 290 + t * (5 + i)) % 1300 - 150;
            double y = 110 + i * 83 % 260;
            for (int p = 0; p < 4; p++) {
                d.fill(Draw.oval(x + p * 48, y - (p % 2) * 15, 70, 21), Draw.c(0xfff6e6, 0.33));
            }
        }
    }

    private void hills(Draw d, double h, double day) {
        Path2D far = new Path2D.Double();
        far.moveTo(0, h * 0.44);
        for (double x = 0; x <= 1000; x += 20) {
            far.lineTo(x, h * 0.385 - 30 * Math.sin(x / 170) - 14 * Math.sin(x / 61 + 2));
        }
        far.lineTo(1000, h * 0.44);
        d.fill(far, Draw.c(Draw.mix(0x4b6674, 0x7d9fa0, day)));
        d.fill(Draw.poly(522, h * 0.378, 536, h * 0.306, 556, h * 0.306, 570, h * 0.378), Draw.c(0xf4ecdc));
        d.fill(Draw.box(532, h * 0.291, 28, 26, 6), Draw.c(0xd9573b));
        d.glow(546, h * 0.298, 60, 0xfff2b0, 0.5 * (1 - day));
    }

    private void gulls(Draw d, double t, double h) {
        for (int i = 0; i < 4; i++) {
            double x = (i * 260 + t * (34 + 6 * i)) % 1200 - 100;
            double y = h * (0.16 + 0.035 * i) + 18 * Math.sin(t + i);
            double flap = 13 * Math.sin(t * 6 + i * 1.3);
            Path2D gull = new Path2D.Double();
            gull.moveTo(x - 34, y - flap);
            gull.quadTo(x - 13, y - 10, x, y);
            gull.quadTo(x + 13, y - 10, x + 34, y - flap);
            d.line(gull, Draw.c(0xfdf8ec), 5);
        }
    }

    private void shed(Draw d, double h, double t, double day) {
        d.fill(Draw.box(-40, h * 0.33, 330, h * 0.30, 0), Draw.c(0x7d3b2c));
        for (int i = 0; i < 9; i++) {
            d.fill(new Rectangle2D.Double(-40 + i * 37, h * 0.33, 3, h * 0.30), Draw.c(0x5f2a20));
        }
        d.fill(Draw.poly(-60, h * 0.335, 120, h * 0.265, 320, h * 0.335), Draw.c(0x2d3f47));
        d.fill(Draw.box(58, h * 0.385, 120, 130, 6), Draw.c(0x3a1d16));
        d.fill(Draw.box(66, h * 0.385 + 8, 104, 114, 4), Draw.c(Draw.mix(0xffc766, 0xd8e7e2, day)));
        d.fill(new Rectangle2D.Double(115, h * 0.385 + 8, 6, 114), Draw.c(0x3a1d16));
        d.fill(new Rectangle2D.Double(66, h * 0.385 + 60, 104, 6), Draw.c(0x3a1d16));
        d.fill(Draw.box(40, h * 0.475, 190, 46, 8), Draw.c(0xf3ead6));
        for (int i = 0; i < 6; i++) {
            d.turned(238 + i * 12, h * 0.62, -6 + i * 1.2, () -> {
                d.fill(Draw.box(-4, -330, 8, 330, 4), Draw.c(0xd7b27c));
                d.fill(Draw.oval(0, -330, 13, 52), Draw.c(0xe7c893));
            });
        }
    }

    private void slip(Draw d, double h) {
        d.fill(Draw.poly(0, h * 0.62, 1000, h * 0.655, 1000, h, 0, h), Draw.c(0xb9a589));
        for (int i = 0; i < 16; i++) {
            double y = h * 0.64 + i * i * 3.1 + i * 12;
            d.fill(Draw.poly(0, y, 1000, y + 34, 1000, y + 38 + i * 0.4, 0, y + 4 + i * 0.4), Draw.c(0x8f7c62, 0.55));
        }
        for (int i = 0; i < 90; i++) {
            double x = i * 137 % 1000;
            double y = h * 0.66 + i * 71 % (h * 0.34);
            d.fill(Draw.oval(x, y, 5 + i % 4 * 2, 3), Draw.c(i % 3 == 0 ? 0xd9c9ad : 0x7d6b53, 0.5));
        }
    }

    private void boat(Draw d, double h, double t, double length) {
        double y = h * 0.79;
        for (int side = 0; side < 2; side++) {
            double x = 300 + side * 400;
            d.line(Draw.poly(x - 70, y + 205, x, y + 60, x + 70, y + 205, x, y + 60), Draw.c(0x5b4330), 17);
        }
        d.fill(Draw.oval(500, y + 218, 460, 26), Draw.c(0x3b2c1e, 0.28));
        Path2D hull = new Path2D.Double();
        hull.moveTo(70, y + 70);
        hull.curveTo(170, y - 150, 780, y - 190, 950, y + 40);
        hull.curveTo(760, y + 106, 280, y + 118, 70, y + 70);
        hull.closePath();
        double stage = 0.4 + 2.6 * Math.min(1, t / (length * 0.86));
        int under = (int) Math.min(2, Math.floor(stage));
        d.fill(hull, Draw.c(COATS[under]));
        double edge = 60 + 900 * Draw.ease(stage - under, 0.08, 0.92);
        Area wet = new Area(hull);
        wet.intersect(new Area(new Rectangle2D.Double(0, y - 300, edge, 600)));
        d.fill(wet, Draw.c(COATS[under + 1]));
        Shape before = d.g.getClip();
        d.g.clip(hull);
        for (int i = 0; i < 6; i++) {
            Path2D plank = new Path2D.Double();
            double k = i * 36;
            plank.moveTo(60, y + 72 - k * 0.16);
            plank.curveTo(240, y + 74 - k, 760, y + 52 - k * 1.15, 960, y + 42 - k * 0.2);
            d.line(plank, Draw.c(0x10262a, 0.28), 4);
        }
        Path2D shine = new Path2D.Double();
        shine.moveTo(200, y - 30);
        shine.curveTo(360, y - 108, 620, y - 124, 800, y - 70);
        d.line(shine, Draw.c(0xffffff, 0.30), 15);
        d.g.setClip(before);
        double stroke = 26 * Math.sin(t * 5.2);
        if (stage - under > 0.08 && stage - under < 0.92) {
            d.turned(edge + 4, y - 40 + stroke, -24, () -> {
                d.fill(Draw.box(-16, -86, 32, 70, 6), Draw.c(0xe9d9b4));
                d.fill(Draw.box(-20, -30, 40, 22, 4), Draw.c(0x8a8f8d));
                d.fill(Draw.box(-9, -196, 18, 124, 9), Draw.c(0x9a3b28));
            });
        }
        d.fill(Draw.box(770, y + 168, 92, 84, 10), Draw.c(0x46545a));
        d.fill(Draw.oval(816, y + 168, 46, 12), Draw.c(COATS[under + 1]));
    }

    private void lantern(Draw d, double h, double t, double day) {
        d.line(Draw.poly(1000, h * 0.235, 842, h * 0.235), Draw.c(0x3a2a20), 13);
        d.turned(860, h * 0.235, 5 * Math.sin(t * 1.6), () -> {
            d.line(Draw.poly(0, 0, 0, 66), Draw.c(0x2a2320), 4);
            d.glow(0, 122, 170, 0xffc35a, 0.55 * (1.15 - day));
            d.fill(Draw.box(-31, 76, 62, 92, 12), Draw.c(0x27353a));
            d.fill(Draw.box(-22, 88, 44, 68, 8), Draw.c(0xffdd8c));
            d.fill(Draw.oval(0, 126, 8, 20 + 2 * Math.sin(t * 11)), Draw.c(0xff9c3c));
        });
    }
}
