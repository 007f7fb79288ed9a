import java.awt.geom.Path2D;

/** A bright tide pool from above: a stone is lifted, a crab waves, the stone goes back. */
final class TidePool implements DrawDemo.Picture {
    @Override
    public void draw(Draw d, double t, double length) {
        double h = d.height;
        d.sky(0, h, 0xf0dfbd, 0xe2c795);
        for (int i = 0; i < 260; i++) {
            d.fill(Draw.oval(i * 173 % 1000, i * 311 % h, 3 + i % 5, 2 + i % 3), Draw.c(i % 2 == 0 ? 0xcaa871 : 0xfff4da, 0.5));
        }
        Path2D pool = blob(500, h * 0.53, 440, h * 0.41, 0.2);
        d.fill(blob(500, h * 0.535, 468, h * 0.425, 0.2), Draw.c(0xb08d5c));
        d.fill(pool, Draw.c(0x7fd0c4));
        d.fill(blob(510, h * 0.545, 385, h * 0.345, 0.9), Draw.c(0x4fb5b0));
        d.fill(blob(520, h * 0.56, 300, h * 0.26, 1.7), Draw.c(0x3a9da0));
        var before = d.g.getClip();
        d.g.clip(pool);
        for (int i = 0; i < 14; i++) {
            Path2D light = new Path2D.Double();
            for (int s = 0; s <= 30; s++) {
                double x = s * 36 - 40;
                double y = h * 0.12 + i * h * 0.062 + 20 * Math.sin(s * 0.8 + t * 1.3 + i) + 9 * Math.sin(s * 1.9 - t * 1.7 + i * 2);
                if (s == 0) {
                    light.moveTo(x, y);
                } else {
                    light.lineTo(x, y);
                }
            }
            d.line(light, Draw.c(0xeafff2, 0.20), 7);
        }
        weed(d, 190, h * 0.80, t, 0x3c7a4c);
        weed(d, 830, h * 0.34, t + 2, 0x51894a);
        anemone(d, 265, h * 0.33, t, 0xe4637a);
        anemone(d, 760, h * 0.77, t + 1, 0xc85ba0);
        star(d, 735, h * 0.24, 78, t * 0.05, 0xee8a3c);
        star(d, 300, h * 0.70, 58, 1 + t * 0.04, 0xd95d4a);
        d.g.setClip(before);
        for (int i = 0; i < 13; i++) {
            double a = i / 13.0 * 2 * Math.PI + 0.3;
            stone(d, 500 + 455 * Math.cos(a), h * 0.53 + h * 0.42 * Math.sin(a), 62 + i * 29 % 46, i);
        }
        double open = Draw.ease(t, length * 0.24, length * 0.34) - Draw.ease(t, length * 0.80, length * 0.92);
        d.fill(Draw.oval(500, h * 0.47, 150, 112), Draw.c(0x256d74, 0.75));
        crab(d, 500, h * 0.468, t, open);
        double lift = open * 240;
        d.fill(Draw.oval(500 + lift * 0.5, h * 0.49 - lift * 0.2, 178, 126), Draw.c(0x0f3b40, 0.16 * (1 + open)));
        bigStone(d, 500 + lift * 0.75, h * 0.465 - lift, 176 + 16 * open, open);
    }

    private static Path2D blob(double x, double y, double rx, double ry, double phase) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i <= 120; i++) {
            double a = i / 120.0 * 2 * Math.PI;
            double r = 1 + 0.045 * Math.sin(3 * a + phase) + 0.03 * Math.sin(7 * a + phase * 3);
            if (i == 0) {
                path.moveTo(x + rx * r * Math.cos(a), y + ry * r * Math.sin(a));
            } else {
                path.lineTo(x + rx * r * Math.cos(a), y + ry * r * Math.sin(a));
            }
        }
        path.closePath();
        return path;
    }

    private void stone(Draw d, double x, double y, double r, int seed) {
        int[] greys = {0x8b8577, 0x6f7a78, 0xa39a86, 0x5f6a70};
        d.fill(blob(x + 6, y + 10, r, r * 0.74, seed), Draw.c(0x5e4a2c, 0.35));
        d.fill(blob(x, y, r, r * 0.74, seed), Draw.c(greys[seed % 4]));
        d.fill(blob(x - r * 0.2, y - r * 0.22, r * 0.5, r * 0.28, seed + 1), Draw.c(0xffffff, 0.17));
    }

    private void bigStone(Draw d, double x, double y, double r, double open) {
        d.turned(x, y, 16 * open, () -> {
            d.fill(blob(0, 0, r, r * 0.72, 4), Draw.c(0x5d6d72));
            d.fill(blob(-r * 0.12, -r * 0.14, r * 0.74, r * 0.45, 6), Draw.c(0x76878a));
            d.fill(blob(-r * 0.28, -r * 0.26, r * 0.33, r * 0.17, 7), Draw.c(0x9aa9a8));
            for (int i = 0; i < 9; i++) {
                double bx = -r * 0.6 + i * 37 % (r * 1.2);
                d.fill(Draw.circle(bx, r * 0.16 + i * 23 % 50, 9), Draw.c(0xe8e0cc));
                d.fill(Draw.circle(bx, r * 0.16 + i * 23 % 50, 3.6), Draw.c(0x4a5559));
            }
        });
    }

    private void crab(Draw d, double x, double y, double t, double open) {
        double wave = open * 22 * Math.sin(t * 7);
        for (int side = -1; side <= 1; side += 2) {
            for (int leg = 0; leg < 3; leg++) {
                Path2D l = new Path2D.Double();
                l.moveTo(x + side * 38, y + 8 + leg * 9);
                l.quadTo(x + side * 86, y - 4 + leg * 20, x + side * (94 + leg * 4), y + 34 + leg * 17 + 4 * Math.sin(t * 4 + leg));
                d.line(l, Draw.c(0xb8402a), 9);
            }
            double armY = side > 0 ? -64 - wave : -40;
            Path2D arm = new Path2D.Double();
            arm.moveTo(x + side * 42, y - 14);
            arm.quadTo(x + side * 82, y - 22, x + side * 78, y + armY);
            d.line(arm, Draw.c(0xc94a2f), 13);
            d.turned(x + side * 78, y + armY, side * 18 + (side > 0 ? wave : 0), () -> {
                d.fill(Draw.oval(-9, -15, 13, 24), Draw.c(0xdf5a3a));
                d.fill(Draw.oval(11, -12, 9, 19), Draw.c(0xdf5a3a));
            });
        }
        d.fill(Draw.oval(x, y, 64, 44), Draw.c(0xd7512f));
        d.fill(Draw.oval(x, y - 11, 46, 24), Draw.c(0xec7048));
        for (int side = -1; side <= 1; side += 2) {
            d.fill(Draw.circle(x + side * 19, y - 43, 12), Draw.c(0xfffaf0));
            d.fill(Draw.circle(x + side * 19 + 2, y - 42, 6), Draw.c(0x17272b));
        }
    }

    private void anemone(Draw d, double x, double y, double t, int colour) {
        for (int i = 0; i < 22; i++) {
            double a = i / 22.0 * 2 * Math.PI + 0.12 * Math.sin(t * 1.8 + i);
            d.line(Draw.poly(x, y, x + 62 * Math.cos(a), y + 62 * Math.sin(a)), Draw.c(colour), 9);
            d.fill(Draw.circle(x + 62 * Math.cos(a), y + 62 * Math.sin(a), 7), Draw.c(0xfff0e0));
        }
        d.fill(Draw.circle(x, y, 24), Draw.c(Draw.mix(colour, 0x401020, 0.4)));
    }

    private void star(Draw d, double x, double y, double r, double turn, int colour) {
        Path2D star = new Path2D.Double();
        for (int i = 0; i < 10; i++) {
            double a = i * Math.PI / 5 + turn;
            double k = i % 2 == 0 ? r : r * 0.42;
            if (i == 0) {
                star.moveTo(x + k * Math.cos(a), y + k * Math.sin(a));
            } else {
                star.lineTo(x + k * Math.cos(a), y + k * Math.sin(a));
            }
        }
        star.closePath();
        d.line(star, Draw.c(colour), 20);
        d.fill(star, Draw.c(colour));
        for (int i = 0; i < 5; i++) {
            double a = i * 2 * Math.PI / 5 + turn;
            d.fill(Draw.circle(x + 0.55 * r * Math.cos(a), y + 0.55 * r * Math.sin(a), 5), Draw.c(0xffe3b8));
        }
    }

    private void weed(Draw d, double x, double y, double t, int colour) {
        for (int i = 0; i < 7; i++) {
            Path2D blade = new Path2D.Double();
            double sway = 26 * Math.sin(t * 0.9 + i * 0.6);
            blade.moveTo(x + i * 12 - 36, y + 70);
            blade.curveTo(x + i * 14 - 50, y, x + i * 16 - 46 + sway, y - 60, x + i * 22 - 66 + sway * 1.6, y - 128 - i % 3 * 22);
            d.line(blade, Draw.c(colour, 0.85), 13);
        }
    }
}
