namespace Zygotome.Core.Journal;

/// <summary>What the shop holds to, copied in so that the job can be read without the shop's settings.</summary>
/// <param name="Guarded">Guarded acceptance: only "in" releases, "in, close" does not.</param>
/// <param name="ThrowTolerance">Where the sheet states none, mm.</param>
/// <param name="DayMinutes">Hands-on minutes of one working day, for dates said before a plan is made.</param>
/// <param name="SelfInspects">Of older jobs: what the shop said when they were opened. Whether somebody is alone is
/// counted with each entry, <see cref="Person.Alone"/>; nothing asks this any more.</param>
public sealed record ShopRules(
    string Shop,
    string TimeZone,
    bool Guarded,
    decimal ThrowTolerance,
    bool SelfInspects = false,
    int DayMinutes = 360
)
{
    public static readonly ShopRules Default = new("", "UTC", false, 1.0m);
}
