namespace Zygotome.Core.Sheets;

/// <summary>How far a lead has to go, by the places of the sheet's geometry.</summary>
public static class LeadRoute
{
    /// <summary>
    /// mm along its route, from what it serves to the board it goes to or else the receiver; null where the sheet
    /// places too little. Straight between the places it states.
    /// </summary>
    public static double? Length(SpecSheet sheet, LeadSpec lead)
    {
        var parts = sheet.Geometry.Placed.SelectMany(p => PlacedPart.Of(p)).ToArray();
        var driven = sheet.Servos.Where(s => s.Id == lead.From).SelectMany(s => s.Drives).ToArray();
        bool Serves(PlacedPart p) =>
            p.Side.Length == 0
                ? p.Thing.Of == lead.Id || p.Thing.Of == lead.From
                : p.Serves(sheet).Any(s => driven.Contains(s.Id));
        var run = parts.FirstOrDefault(p => p.Thing.Kind == PlacedKind.Lead && Serves(p));
        var servo = parts.FirstOrDefault(p => p.Thing.Kind == PlacedKind.Servo && Serves(p));
        var port = parts.FirstOrDefault(p => p.Thing.Kind is PlacedKind.Board or PlacedKind.Receiver);
        if (port is null || (run is null && servo is null))
        {
            return null;
        }

        (double X, double Y)[] way = run is null ? [servo!.Middle, port.Middle] : Ends(run, servo?.Middle, port.Middle);
        return way.Zip(way.Skip(1), (a, b) => Math.Sqrt(Math.Pow(a.X - b.X, 2) + Math.Pow(a.Y - b.Y, 2))).Sum();
    }

    // From the servo to the nearer end of the run, along it, and from its other end to the port.
    private static (double X, double Y)[] Ends(PlacedPart run, (double X, double Y)? servo, (double X, double Y) port)
    {
        (double X, double Y)[] along =
        [
            (run.Thing.X, run.Sign * run.Thing.Y),
            .. run.Thing.Route.Select(p => (p.X, run.Sign * p.Y)),
            (run.Thing.ToX, run.Sign * run.Thing.ToY),
        ];
        static double Far((double X, double Y) a, (double X, double Y) b) =>
            Math.Sqrt(Math.Pow(a.X - b.X, 2) + Math.Pow(a.Y - b.Y, 2));
        (double X, double Y)[] outwards = Far(along[0], port) <= Far(along[^1], port) ? along : [.. along.Reverse()];
        return [port, .. outwards, .. servo is { } at ? [at] : (IEnumerable<(double, double)>)[]];
    }
}
