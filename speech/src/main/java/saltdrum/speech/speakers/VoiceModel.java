package saltdrum.speech.speakers;

import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.RealMatrix;

/** Frames as one Gaussian of full covariance, kept as sums so that two can be joined. */
final class VoiceModel {
    /** Frames of the whole clip that each voice is smoothed by. */
    private static final int SMOOTH = 10;

    private final int size;
    private final double[] sum;
    private final double[][] squares;
    private double count;

    VoiceModel(int size) {
        this.size = size;
        this.sum = new double[size];
        this.squares = new double[size][size];
    }

    double count() {
        return count;
    }

    void add(double[] frame) {
        count++;
        for (int i = 0; i < size; i++) {
            sum[i] += frame[i];
            for (int j = 0; j <= i; j++) {
                squares[i][j] += frame[i] * frame[j];
            }
        }
    }

    static VoiceModel joined(VoiceModel a, VoiceModel b) {
        VoiceModel both = new VoiceModel(a.size);
        both.count = a.count + b.count;
        for (int i = 0; i < a.size; i++) {
            both.sum[i] = a.sum[i] + b.sum[i];
            for (int j = 0; j <= i; j++) {
                both.squares[i][j] = a.squares[i][j] + b.squares[i][j];
            }
        }
        return both;
    }

    /** @param floor added to the diagonal, so that a voice of few frames has a covariance too */
    private double[][] covariance(double floor) {
        double[][] covariance = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j <= i; j++) {
                double value = squares[i][j] / count - sum[i] / count * (sum[j] / count);
                covariance[i][j] = value;
                covariance[j][i] = value;
            }
            covariance[i][i] += floor;
        }
        return covariance;
    }

    private static final double FLOOR = 1e-4;

    /** Its covariance with so many frames of all voices together. */
    private RealMatrix smoothed(VoiceModel all, int frames) {
        double[][] own = count > 0 ? covariance(0) : new double[size][size];
        double[][] whole = all.covariance(FLOOR);
        double[][] smoothed = new double[size][size];
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                smoothed[i][j] = (count * own[i][j] + frames * whole[i][j]) / (count + frames);
            }
        }
        return new Array2DRowRealMatrix(smoothed, false);
    }

    /** Natural logarithm of the determinant of its smoothed covariance. */
    double logDeterminant(VoiceModel all) {
        return logDeterminant(new CholeskyDecomposition(smoothed(all, SMOOTH), 1e-6, 1e-12));
    }

    private static double logDeterminant(CholeskyDecomposition root) {
        double sum = 0;
        for (int i = 0; i < root.getL().getRowDimension(); i++) {
            sum += 2 * Math.log(root.getL().getEntry(i, i));
        }
        return sum;
    }

    /** @param frames of all voices that it is smoothed by */
    Density density(VoiceModel all, int frames) {
        CholeskyDecomposition root = new CholeskyDecomposition(smoothed(all, frames), 1e-6, 1e-12);
        double[] mean = new double[size];
        for (int i = 0; i < size; i++) {
            mean[i] = count > 0 ? sum[i] / count : all.sum[i] / all.count;
        }
        return new Density(mean, root.getL().getData(), logDeterminant(root));
    }

    /** @param root lower triangle of the covariance's Cholesky decomposition */
    record Density(double[] mean, double[][] root, double logDeterminant) {
        /** Log likelihood of a frame, without the constant. */
        double of(double[] frame) {
            double[] solved = new double[frame.length];
            double distance = 0;
            for (int i = 0; i < frame.length; i++) {
                double value = frame[i] - mean[i];
                for (int j = 0; j < i; j++) {
                    value -= root[i][j] * solved[j];
                }
                solved[i] = value / root[i][i];
                distance += solved[i] * solved[i];
            }
            return -0.5 * (distance + logDeterminant);
        }
    }
}
