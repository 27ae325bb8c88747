namespace Zygotome.Core.Quantities;

/// <summary>Repeated readings of one thing, as one result.</summary>
public static class Repeats
{
    // Student's t, two-sided 95 %, for 1 to 30 degrees of freedom; beyond, 1.96 plus a term that meets the table.
    private static readonly double[] T95 =
    [
        12.706,
        4.303,
        3.182,
        2.776,
        2.571,
        2.447,
        2.365,
        2.306,
        2.262,
        2.228,
        2.201,
        2.179,
        2.160,
        2.145,
        2.131,
        2.120,
        2.110,
        2.101,
        2.093,
        2.086,
        2.080,
        2.074,
        2.069,
        2.064,
        2.060,
        2.056,
        2.052,
        2.048,
        2.045,
        2.042,
    ];

    /// <summary>Mean and expanded uncertainty U = 2u of n readings with a common systematic U, in the readings' unit:
    /// u² = (t·s/√n / 2)² + (U_sys/2)², s the sample standard deviation.</summary>
    public static (double Mean, double U) Combine(IReadOnlyList<double> readings, double systematicU)
    {
        var n = readings.Count;
        var mean = readings.Average();
        if (n < 2)
        {
            return (mean, systematicU);
        }

        var s = Math.Sqrt(readings.Sum(r => (r - mean) * (r - mean)) / (n - 1));
        var random = Student(n - 1) * s / Math.Sqrt(n) / 2;
        return (mean, 2 * Math.Sqrt((random * random) + (systematicU * systematicU / 4)));
    }

    /// <summary>Student's t at 95 %, two-sided.</summary>
    public static double Student(int degreesOfFreedom) =>
        degreesOfFreedom <= 30 ? T95[degreesOfFreedom - 1] : 1.96 + (2.46 / degreesOfFreedom);
}
