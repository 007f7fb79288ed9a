import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** The night ferry leaves: lit windows, a moon road on the water, the town shrinking to a line of light. */
final class Ferry implements DrawDemo.Picture {
    @Override
    public void draw(Draw d, double t, double length) {
        double h = d.height;
        double away = t / length;
        double horizon = h * 0.47;
        d.sky(0, horizon, 0x081522, 0x23405a);
        for (int i = 0; i < 130; i++) {
            double x = i * 191 % 1000;
            double y = i * 83 % (horizon - 40);
            double twinkle = 0.45 + 0.35 * Math.sin(t * (1 + i % 5 * 0.4) + i);
            d.fill(Draw.circle(x, y, 0.8 + i % 3 * 0.5), Draw.c(0xeaf3ff, twinkle));
        }
        d.glow(205, 118, 170, 0xdfeaf2, 0.4);
        d.fill(Draw.circle(205, 118, 34), Draw.c(0xf6f1dd));
        d.fill(Draw.circle(194, 110, 6), Draw.c(0xddd6bd));
        d.fill(Draw.circle(216, 126, 9), Draw.c(0xe3dcc4));
        double scale = 1 - 0.55 * away;
        Path2D town = new Path2D.Double();
        town.moveTo(0, horizon + 2);
        for (double x = 0; x <= 1000; x += 8) {
            town.lineTo(x, horizon - scale * (16 + 20 * Math.abs(Math.sin(x / 83)) + 9 * Math.sin(x / 19)));
        }
        town.lineTo(1000, horizon + 2);
        d.fill(town, Draw.c(0x0d1d2a));
        for (int i = 0; i < 90; i++) {
            double x = i * 113 % 1000;
            double y = horizon - scale * (3 + i * 7 % 24);
            d.fill(Draw.box(x, y, 4 * scale + 1, 3.2 * scale + 0.8, 1), Draw.c(i % 4 == 0 ? 0xffe9b0 : 0xffb955, 0.9));
        }
        for (int i = 0; i < 9; i++) {
            double y = horizon + (h - horizon) * i / 9;
            d.fill(d.wave(y, 1.2 + i * 1.1, 60 + 24 * i, t * (0.8 + i * 0.07) + i * 2), Draw.c(Draw.mix(0x14344a, 0x06121c, i / 8.0)));
        }
        for (int i = 0; i < 60; i++) {
            double y = horizon + 6 + i * 4.6;
            double x = 205 + (i * 67 % 60 - 30) * (0.4 + i / 40.0) + 9 * Math.sin(t * 1.7 + i);
            d.fill(Draw.oval(x, y, 12 + i * 0.5, 1.4), Draw.c(0xf2ecd2, 0.36 * (1 - i / 70.0)));
        }
        double x = 730 - 330 * away;
        double y = h * 0.60 + 3 * Math.sin(t * 1.1);
        reflections(d, x, y, t);
        ship(d, x, y, t);
        for (int i = 0; i < 34; i++) {
            double wx = x + 250 + i * 16;
            d.fill(Draw.oval(wx, y + 28 + i * 1.1 + 3 * Math.sin(t * 3 + i), 17, 2.4), Draw.c(0xd9ecf0, 0.42 * (1 - i / 34.0)));
        }
        rail(d, h, t);
    }

    private void ship(Draw d, double x, double y, double t) {
        d.fill(Draw.poly(x - 262, y - 18, x + 250, y - 18, x + 236, y + 30, x - 214, y + 30), Draw.c(0x112a36));
        d.fill(new Rectangle2D.Double(x - 244, y - 6, 488, 5), Draw.c(0xd9573b));
        d.fill(Draw.box(x - 190, y - 62, 400, 45, 6), Draw.c(0xe9e3d2));
        d.fill(Draw.box(x - 120, y - 98, 250, 38, 6), Draw.c(0xf3eddd));
        d.fill(Draw.box(x - 92, y - 126, 70, 30, 5), Draw.c(0xf3eddd));
        d.fill(Draw.poly(x + 30, y - 98, x + 38, y - 158, x + 74, y - 158, x + 80, y - 98), Draw.c(0xd9573b));
        d.fill(new Rectangle2D.Double(x + 37, y - 146, 38, 9), Draw.c(0x102a30));
        for (int p = 0; p < 7; p++) {
            double age = (t * 0.5 + p / 7.0) % 1;
            d.fill(Draw.circle(x + 56 + age * 130, y - 164 - age * 46, 9 + age * 26), Draw.c(0x8fa3ad, 0.22 * (1 - age)));
        }
        for (int i = 0; i < 12; i++) {
            d.fill(Draw.box(x - 176 + i * 32, y - 52, 19, 22, 5), Draw.c(0xffd277));
            if (i < 7) {
                d.fill(Draw.box(x - 106 + i * 33, y - 90, 19, 18, 5), Draw.c(i == 3 ? 0x6c7f86 : 0xffdc8e));
            }
        }
        d.glow(x, y - 50, 300, 0xffc766, 0.16);
        d.fill(new Rectangle2D.Double(x - 60, y - 172, 4, 48), Draw.c(0xcfd8d8));
        d.glow(x - 58, y - 174, 26, 0xffffff, 0.9);
    }

    private void reflections(Draw d, double x, double y, double t) {
        for (int i = 0; i < 19; i++) {
            for (int r = 0; r < 8; r++) {
                double wobble = 7 * Math.sin(t * 2.4 + r * 1.1 + i);
                d.fill(
                        Draw.oval(x - 176 + i * 21 + wobble, y + 40 + r * 15, 9 - r * 0.6, 4),
                        Draw.c(0xffc259, 0.34 * (1 - r / 8.5)));
            }
        }
    }

    private void rail(Draw d, double h, double t) {
        double sway = 2.5 * Math.sin(t * 0.9);
        d.fill(new Rectangle2D.Double(0, h - 52 + sway, 1000, 11), Draw.c(0x2a1a12));
        d.fill(new Rectangle2D.Double(0, h - 55 + sway, 1000, 4), Draw.c(0x6b4327));
        for (int i = 0; i < 15; i++) {
            d.fill(new Rectangle2D.Double(20 + i * 70, h - 44 + sway, 6, 60), Draw.c(0x20140e));
        }
        for (int side = 0; side < 2; side++) {
            double lx = side == 0 ? 62 : 941;
            d.turned(lx, 0, 3 * Math.sin(t * 1.4 + side), () -> {
                d.line(Draw.poly(0, 0, 0, 60), Draw.c(0x12100e), 3);
                d.glow(0, 92, 150, 0xffb347, 0.42);
                d.fill(Draw.box(-19, 60, 38, 60, 8), Draw.c(0x1e282c));
                d.fill(Draw.box(-13, 68, 26, 44, 5), Draw.c(0xffd88a));
            });
        }
    }
}
