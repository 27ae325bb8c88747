using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Wire;

/// <summary>Where each lead runs on the drawing from above.</summary>
public static class LeadWays
{
    // Between leads that run side by side, between sockets of a device, and from the receiver to the joints of Y-leads:
    // mm of a half span of 750.
    private const double Lane = 9,
        Pitch = 5,
        Joint = 55;

    /// <summary>
    /// By lead, corner by corner from what it serves to its socket, in mm on the drawing. As the sheet draws a lead;
    /// else in along the wing ahead of what lies nearer the body, or along the body, each on a lane of its own: none
    /// lies on another.
    /// </summary>
    public static ImmutableSortedDictionary<string, ImmutableArray<Corner>> Of(JobState state) =>
        new Ways(state.Sheet, Wiring.Of(state)).All();

    /// <summary>Where the receiver lies, mm aft and right: as the sheet places it, else under the wing.</summary>
    internal static (double X, double Y) Receiver(SpecSheet sheet) =>
        sheet.Geometry.Placed.SelectMany(p => PlacedPart.Of(p)).FirstOrDefault(p => p.Thing.Kind == PlacedKind.Receiver)
            is { } placed
            ? placed.Middle
            : UnderTheWing(sheet);

    /// <summary>
    /// Where a lead that the owner parts comes out of the body, on its way; null where it does not leave it.
    /// </summary>
    public static Corner? JointOf(SpecSheet sheet, ImmutableArray<Corner> way)
    {
        var x = Receiver(sheet).X;
        var body = sheet
            .Geometry.Bodies.Where(b => b.From <= x && b.To >= x && Math.Abs(b.At) < 1)
            .Select(b => b.Width / 2)
            .DefaultIfEmpty(0)
            .Max();
        for (var i = 0; i + 1 < way.Length; i++)
        {
            var (a, b) = (way[i], way[i + 1]);
            var (far, near) = (Math.Abs(a.Across), Math.Abs(b.Across));
            if (far > body && near <= body)
            {
                var part = (far - body) / (far - near);
                return new Corner(a.Across + ((b.Across - a.Across) * part), a.Down + ((b.Down - a.Down) * part));
            }
        }

        return null;
    }

    private static (double X, double Y) UnderTheWing(SpecSheet sheet) =>
        sheet.Geometry.Wing is { } wing && Planform.At(wing, 0) is var (edge, chord)
            ? (edge + (chord * 0.5), 0)
            : (0, 0);

    private static Corner On((double X, double Y) place) => DrawingSides.Place(DrawingSide.Plan, place.X, place.Y);

    private sealed class Ways(SpecSheet sheet, Wiring wiring)
    {
        private readonly SpecSheet _sheet = sheet;
        private readonly Wiring _wiring = wiring;
        private readonly double _scale = Math.Clamp((sheet.Geometry.Wing?.HalfSpan ?? 750) / 750, 0.35, 2);
        private readonly (double X, double Y) _receiver = Receiver(sheet);
        private readonly ImmutableArray<PlacedPart> _placed =
        [
            .. sheet.Geometry.Placed.SelectMany(p => PlacedPart.Of(p)),
        ];
        private readonly string[] _joints =
        [
            .. wiring.Leads.Where(l => l.To.On == Socketed.YLead).Select(l => l.To.At).Distinct(),
        ];

        public ImmutableSortedDictionary<string, ImmutableArray<Corner>> All()
        {
            var leads = _wiring.Leads.Where(l => !l.IsLost).ToArray();
            var starts = leads.ToDictionary(l => l.Id, Start);
            var wing = leads.Where(l => l.IsOfConsumer && OutOnAWing(starts[l.Id])).ToLookup(l => starts[l.Id].Y > 0);
            var body = leads.Where(l => l.IsOfConsumer && !OutOnAWing(starts[l.Id])).ToArray();
            ImmutableArray<Corner> Way(WireLead lead)
            {
                var (start, to) = (starts[lead.Id], Socket(lead));
                if (!lead.IsOfConsumer)
                {
                    return [On(start), On((start.X, to.Y)), On(to)];
                }

                if (Drawn(lead.Feeds[0], start, to) is { IsEmpty: false } drawn)
                {
                    return drawn;
                }

                if (OutOnAWing(start))
                {
                    // What lies further out runs ahead of what lies nearer the body.
                    var inside = wing[start.Y > 0].Count(l => Math.Abs(starts[l.Id].Y) < Math.Abs(start.Y) - 1);
                    var along = start.X - ((inside + 1) * Lane * _scale);
                    return [On(start), On((along, start.Y)), On((along, to.Y)), On(to)];
                }

                var at = Array.IndexOf(body, lead);
                var lane = _receiver.Y + ((at % 2 == 0 ? 1 : -1) * Lane * _scale * (0.6 + (at / 2)));
                return [On(start), On((start.X, lane)), On((to.X, lane)), On(to)];
            }

            return leads.ToImmutableSortedDictionary(l => l.Id, Way, StringComparer.Ordinal);
        }

        private bool OutOnAWing((double X, double Y) place) =>
            Math.Abs(place.Y) > 40 * _scale
            && _sheet.Geometry.Wing is { } wing
            && Math.Abs(place.Y) <= wing.HalfSpan
            && Planform.At(wing, Math.Abs(place.Y)) is var (edge, chord)
            && place.X >= edge - 20
            && place.X <= edge + chord + 20;

        private (double X, double Y) Start(WireLead lead) =>
            lead.IsOfConsumer ? Place(lead.Feeds[0])
            : lead.IsYLead ? Middle(new WireEnd(Socketed.YLead, lead.Id[2..]))
            : Middle(
                new WireEnd(
                    lead.Id.StartsWith("board/", StringComparison.Ordinal) ? Socketed.Board : Socketed.Stabiliser,
                    ""
                )
            );

        // Sockets of one device stand side by side along it, left leads to its left.
        private (double X, double Y) Socket(WireLead lead)
        {
            var beside = _wiring.Leads.Where(l => l.To.On == lead.To.On).ToArray();
            var at = Array.IndexOf(beside, lead) - ((beside.Length - 1) / 2.0);
            var (x, y) = Middle(lead.To);
            return lead.To.On == Socketed.YLead
                ? (x, y)
                : (
                    x + (at * Pitch * _scale),
                    y
                        + (
                            lead.Side == "left" ? -Pitch
                            : lead.Side == "right" ? Pitch
                            : 0
                        )
                );
        }

        private (double X, double Y) Middle(WireEnd end) =>
            end.On switch
            {
                Socketed.Board => PlaceOf(PlacedKind.Board) ?? (_receiver.X - (Joint * _scale), _receiver.Y),
                Socketed.Stabiliser => (_receiver.X - (Joint * _scale), _receiver.Y),
                Socketed.YLead => (
                    _receiver.X + (Joint * _scale),
                    _receiver.Y + (((Array.IndexOf(_joints, end.At) % 4) - 1.5) * Lane * _scale)
                ),
                _ => _receiver,
            };

        private (double X, double Y)? PlaceOf(PlacedKind kind, string of = "") =>
            _placed.FirstOrDefault(p => p.Thing.Kind == kind && (of.Length == 0 || p.Thing.Of == of)) is { } found
                ? found.Middle
                : null;

        private (double X, double Y) Place(Consumer consumer)
        {
            if (_placed.FirstOrDefault(p => p.Thing.Kind == PlacedKind.Servo && Serves(p, consumer)) is { } servo)
            {
                return servo.Middle;
            }

            if (consumer.IsController)
            {
                return PlaceOf(PlacedKind.Controller, consumer.Id)
                    ?? _sheet
                        .Power.Motors.Where(m => consumer.Moves.Contains($"motor-{m.Id}"))
                        .Select(m => ((double, double)?)(m.At + ((m.At < _receiver.X ? 90 : -90) * _scale), m.Y))
                        .FirstOrDefault()
                    ?? _receiver;
            }

            var surfaces = consumer.Moves.Select(_sheet.Surface).OfType<Surface>().ToArray();
            return surfaces.Length > 0 ? Beside(consumer, surfaces)
                : consumer.Moves.Select(_sheet.Output).OfType<OutputSpec>().FirstOrDefault() is { } output ? At(output)
                : (_receiver.X + (30 * _scale), 20 * _scale);
        }

        // Ahead of its hinge, by how far the sheet says its shaft is from it; of a pair of halves, in the middle.
        private (double X, double Y) Beside(Consumer consumer, Surface[] surfaces)
        {
            var servo = _sheet.Servos.First(s => s.Id == consumer.Id);
            var reach = servo.Says(RadioFields.Servo.Reach).Likely ?? 60;
            var first = surfaces[0];
            if (_sheet.Geometry.Find(first.On) is { } on)
            {
                var y = (first.From + first.To) / 2 * on.HalfSpan;
                var both = surfaces.Select(s => s.Side).Distinct().Count() > 1;
                var (edge, chord) = Planform.At(on, both ? 0 : y);
                var hinge = edge + chord - first.Chord;
                return both
                    ? (edge - (reach * 0.5), 0)
                    : (Math.Max(edge + (chord * 0.2), hinge - reach), first.Side == "left" ? -y : y);
            }

            var fin = _sheet.Geometry.Fins.Where((_, i) => _sheet.Geometry.FinPart(i) == first.On).FirstOrDefault();
            fin ??= _sheet.Geometry.Fins.FirstOrDefault();
            return fin is null ? _receiver : (fin.X + fin.Root - first.Chord - reach, fin.Y);
        }

        private (double X, double Y) At(OutputSpec output)
        {
            if (_placed.FirstOrDefault(p => p.Thing.Of == output.Id) is { } placed)
            {
                return placed.Middle;
            }

            var wheels = _sheet.Geometry.Wheels.Where(w => w.Id.Length > 0 && output.Wheels.Contains(w.Id)).ToArray();
            var motors = _sheet.Power.Motors.Where(m => output.Motors.Contains(m.Id)).ToArray();
            return wheels.Length > 0 ? (wheels.Average(w => w.X) + (20 * _scale), wheels.Average(w => w.Y))
                : motors.Length > 0 ? (motors.Average(m => m.At) + (90 * _scale), motors.Average(m => m.Y))
                : (_receiver.X - (80 * _scale), 24 * _scale);
        }

        // The sheet's own run of that lead, from the end that is nearer to what it serves.
        private ImmutableArray<Corner> Drawn(Consumer consumer, (double X, double Y) start, (double X, double Y) to)
        {
            if (_placed.FirstOrDefault(p => p.Thing.Kind == PlacedKind.Lead && Serves(p, consumer)) is not { } run)
            {
                return [];
            }

            (double X, double Y)[] along =
            [
                (run.Thing.X, run.Sign * run.Thing.Y),
                .. run.Thing.Route.Select(p => (p.X, run.Sign * p.Y)),
                (run.Thing.ToX, run.Sign * run.Thing.ToY),
            ];
            static double Far((double X, double Y) a, (double X, double Y) b) =>
                Math.Sqrt(((a.X - b.X) * (a.X - b.X)) + ((a.Y - b.Y) * (a.Y - b.Y)));
            var inwards = Far(along[0], start) <= Far(along[^1], start) ? along : [.. along.Reverse()];
            return [On(start), .. inwards.Select(On), On(to)];
        }

        private bool Serves(PlacedPart part, Consumer consumer) =>
            part.Side.Length == 0
                ? part.Thing.Of == consumer.Id || _sheet.Leads.Any(l => l.Id == part.Thing.Of && l.From == consumer.Id)
                : part.Serves(_sheet).Any(s => consumer.Moves.Contains(s.Id));
    }
}
