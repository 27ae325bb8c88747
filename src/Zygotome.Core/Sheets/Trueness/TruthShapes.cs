using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Trueness;

/// <summary>How each kind of truth is read on this airframe, from its geometry, with the shop's limits.</summary>
internal static class TruthShapes
{
    private const double Degrees = 0.5;
    private const double Gravity = 9.80665;

    // How far from the end of its body, mm, a propeller turns at most.
    private const double End = 60;

    /// <summary>What a structural joint has to be read for.</summary>
    public static IEnumerable<Truth> OfJoint(SpecSheet sheet, StepSpec step)
    {
        bool Joins(string part) => step.Fits.Any(f => f == part || Places.IsNamed(f, part));
        foreach (var lifting in sheet.Geometry.Lifting.Where(l => Joins($"{l.Id}-left") || Joins(l.Id)))
        {
            if (lifting.Role is "tail" or "foreplane")
            {
                yield return Tilt(sheet, lifting);
                // Where the sheet has the diagonals to the tail, they show the same.
                if (!sheet.TruthRows.Any(TruthWords.IsDiagonal) && Square(sheet, lifting) is { } square)
                {
                    yield return square;
                }
            }

            if (lifting.Role == "wing" && step.Side.Length == 0)
            {
                yield return Dihedral(lifting, "left");
                yield return Dihedral(lifting, "right");
            }
        }

        foreach (var (fin, i) in sheet.Geometry.Fins.Select((f, i) => (f, i)))
        {
            var part = sheet.Geometry.FinPart(i);
            if (Joins(part) && (step.Side.Length == 0 || Math.Sign(fin.Y) == (step.Side == "left" ? -1 : 1)))
            {
                yield return Upright(sheet, fin, part);
            }
        }

        foreach (var place in sheet.Geometry.Placed.Where(p => Joins(p.Id)))
        {
            if (place is { Kind: PlacedKind.Spar or PlacedKind.Tube } && Math.Sign(place.Y) * Math.Sign(place.ToY) < 0)
            {
                yield return Protrusion(place.Id, place.Name);
            }

            if (place.Kind == PlacedKind.Horn)
            {
                yield return HornLine(place.Id, place.Name);
                yield return HornSquare(place.Id, place.Name);
            }
        }
    }

    /// <summary>From the wing tips to a point in the middle, behind or ahead; null where there is none.</summary>
    public static Truth? Diagonals(SpecSheet sheet, bool ahead)
    {
        if (sheet.Geometry.Wing is not { } wing || Middle(sheet, wing, ahead) is not { } to)
        {
            return null;
        }

        var (tip, half) = (Tip(wing), wing.HalfSpan);
        var (left, right) = (new TruthLine(tip, -half, to.X, 0), new TruthLine(tip, half, to.X, 0));
        return new Truth($"diagonals/{wing.Id}", TruthKind.Diagonals, wing.Id, $"Wing tips to the {to.Name}")
        {
            Band = Around(0.003 * 2 * half, "mm"),
            Shops = true,
            Between = [wing.Id, to.Part],
            Points = new TruthPoints(
                TruthSum.Difference,
                $"left wing tip to the {to.Name}",
                $"right wing tip to the {to.Name}",
                ""
            )
            {
                Across = half,
                Lines = [left, right],
            },
        };
    }

    private static Truth? Square(SpecSheet sheet, LiftingSurface tail)
    {
        if (sheet.Geometry.Wing is not { } wing || tail.HalfSpan >= wing.HalfSpan)
        {
            return null;
        }

        var (from, to, name) = (Tip(wing), Tip(tail), Words(tail.Id));
        return new Truth($"square/{tail.Id}", TruthKind.Square, tail.Id, $"{Texts.Capital(name)} square with the wing")
        {
            Band = Around(0.003 * 2 * wing.HalfSpan, "mm"),
            Shops = true,
            Between = [wing.Id, tail.Id],
            Points = new TruthPoints(
                TruthSum.Difference,
                $"left wing tip to the left tip of the {name}",
                $"right wing tip to the right tip of the {name}",
                ""
            )
            {
                Across = wing.HalfSpan - tail.HalfSpan,
                Lines =
                [
                    new TruthLine(from, -wing.HalfSpan, to, -tail.HalfSpan),
                    new TruthLine(from, wing.HalfSpan, to, tail.HalfSpan),
                ],
            },
        };
    }

    public static Truth Tilt(SpecSheet sheet, LiftingSurface tail) =>
        new($"tilt/{tail.Id}", TruthKind.Tilt, tail.Id, $"{Texts.Capital(Words(tail.Id))} level with the wing")
        {
            Band = Around(Degrees, "°"),
            Shops = true,
            Between = [.. new[] { sheet.Geometry.Wing?.Id ?? "", tail.Id }.Where(p => p.Length > 0)],
            Points = new TruthPoints(
                TruthSum.Difference,
                "left tip above the bench, wing tips level",
                "right tip above the bench",
                "across it, left tip up +, wing level"
            )
            {
                Base = 2 * tail.HalfSpan,
            },
        };

    public static Truth Dihedral(LiftingSurface wing, string side)
    {
        var rise = wing.Panels.Sum(p => p.Span * Math.Tan(p.Dihedral * Numbers.RadiansPerDegree));
        var angle = Math.Atan2(rise, wing.HalfSpan) / Numbers.RadiansPerDegree;
        return new Truth(
            $"dihedral/{wing.Id}-{side}",
            TruthKind.Dihedral,
            wing.Id,
            $"{Texts.Capital(Words(wing.Id))}, {side} half: dihedral"
        )
        {
            Band = Around(Degrees, "°", angle),
            Shops = true,
            Points = new TruthPoints(
                TruthSum.Difference,
                $"{side} tip above the bench",
                "root above the bench",
                $"from root to {side} tip, tip up +"
            )
            {
                Base = Math.Sqrt((wing.HalfSpan * wing.HalfSpan) + (rise * rise)),
            },
        };
    }

    public static Truth Incidence(LiftingSurface of)
    {
        var chord = of.Panels is [{ Root: var root }, ..] ? root : 0;
        return new Truth($"incidence/{of.Id}", TruthKind.Incidence, of.Id, $"{Texts.Capital(Words(of.Id))}, incidence")
        {
            Band = Around(Degrees, "°"),
            Shops = true,
            Points = new TruthPoints(
                TruthSum.Difference,
                "leading edge at the root above the body's line",
                "trailing edge at the root above it",
                "along the chord at the root, nose up +, body level"
            )
            {
                Base = chord,
            },
        };
    }

    public static Truth Against(LiftingSurface one, LiftingSurface other) =>
        new(
            $"against/{one.Id}/{other.Id}",
            TruthKind.Against,
            one.Id,
            $"Incidence, {Words(one.Id)} against {Words(other.Id)}"
        )
        {
            Band = Around(Degrees, "°"),
            Shops = true,
            Between = [one.Id, other.Id],
            Points = new TruthPoints(
                TruthSum.Difference,
                "",
                $"{Words(other.Id)}, nose up +",
                $"{Words(one.Id)}, nose up +"
            ),
        };

    public static Truth Upright(SpecSheet sheet, Fin fin, string part)
    {
        // Strings go to the tips of what it stands over: the tail's, of an aircraft without one the wing's.
        var foot = sheet.Geometry.Lifting.Where(l => l.Role is "tail").MinBy(l => Math.Abs(l.RootLeadingEdge - fin.X));
        var under = foot ?? sheet.Geometry.Wing;
        // No strings go to both sides of one of a pair.
        var strung = under is not null && !fin.IsBeside;
        var name = strung ? Words(under!.Id) : "";
        return new Truth($"upright/{part}", TruthKind.Upright, part, $"{Texts.Capital(Words(part))} upright")
        {
            Band = Around(Degrees, "°"),
            Shops = true,
            Between = strung ? [part, under!.Id] : [],
            Points = strung
                ? new TruthPoints(
                    TruthSum.Strings,
                    $"its tip to the left tip of the {name}",
                    $"its tip to the right tip of the {name}",
                    "up its side, leaning right +"
                )
                {
                    Base = fin.Height,
                    Half = under!.HalfSpan,
                    Lines =
                    [
                        new TruthLine(fin.X + fin.Sweep + fin.Tip, fin.Y, Tip(under), -under.HalfSpan),
                        new TruthLine(fin.X + fin.Sweep + fin.Tip, fin.Y, Tip(under), under.HalfSpan),
                    ],
                }
                : Leaning(fin, "leaning right +"),
        };
    }

    public static Truth Cant(Fin fin, string part) =>
        new($"cant/{part}", TruthKind.Cant, part, $"{Texts.Capital(Words(part))}, how far its top leans out")
        {
            Band = Around(Degrees, "°"),
            Shops = true,
            Points = Leaning(fin, "top out +"),
        };

    private static TruthPoints Leaning(Fin fin, string sign) =>
        new(
            TruthSum.Difference,
            "its tip off an upright square",
            "its foot off the same square",
            $"up its side, {sign}"
        )
        {
            Base = fin.Height,
        };

    public static Truth Toe(Fin fin, string part) =>
        new($"toe/{part}", TruthKind.Toe, part, $"{Texts.Capital(Words(part))}, toed in")
        {
            Band = Around(1, "mm"),
            Shops = true,
            Points = new TruthPoints(
                TruthSum.Difference,
                "trailing edge at the foot to the centre line",
                "leading edge at the foot to the centre line",
                "along its foot, leading edge in +"
            )
            {
                Base = fin.Root,
            },
        };

    public static Truth RightThrust(SpecSheet sheet, MotorSpec motor) =>
        Thrust(sheet, motor, TruthKind.RightThrust, "right", "left edge", "right edge");

    public static Truth DownThrust(SpecSheet sheet, MotorSpec motor) =>
        Thrust(sheet, motor, TruthKind.DownThrust, "down", "upper edge", "lower edge");

    private static Truth Thrust(
        SpecSheet sheet,
        MotorSpec motor,
        TruthKind kind,
        string way,
        string first,
        string second
    )
    {
        var which = sheet.Power.Motors.Length > 1 ? $", {Words(motor.Id)}" : "";
        return new Truth($"thrust-{way}/{motor.Id}", kind, $"motor-{motor.Id}", $"Thrust line {way}{which}")
        {
            Band = Around(Degrees, "°"),
            Shops = true,
            Pulls = Pulls(sheet, motor),
            Points = new TruthPoints(
                TruthSum.Difference,
                $"{first} of its mount from a line square across the body",
                $"{second} of its mount from the same line",
                $"of its shaft against the body's line, {way} +"
            )
            {
                Base = null,
            },
        };
    }

    // At the front end of a body it pulls, at its rear end it pushes; in between the sheet does not say.
    private static bool? Pulls(SpecSheet sheet, MotorSpec motor) =>
        sheet
            .Geometry.Bodies.Where(b => Math.Abs(motor.Y - b.At) <= b.Width / 2)
            .SelectMany<Body, (double Off, bool Front)>(b =>
                [(Math.Abs(motor.At - b.From), true), (Math.Abs(motor.At - b.To), false)]
            )
            .Where(end => end.Off <= End)
            .OrderBy(end => end.Off)
            .Select(end => (bool?)end.Front)
            .FirstOrDefault();

    public static Truth Protrusion(string part, string name) =>
        new(Id("protrusion", part), TruthKind.Protrusion, part, $"{name} out equally each side")
        {
            Band = Around(1, "mm"),
            Shops = true,
            Points = new TruthPoints(TruthSum.Difference, "left, how far it sticks out", "right, how far", ""),
        };

    public static Truth Lines(string part, string name) =>
        new(Id("lines", part), TruthKind.Lines, part, $"{name}: lines meet")
        {
            Band = Around(1, "mm"),
            Shops = true,
            Points = new TruthPoints(TruthSum.Worst, "left, step (proud +)", "right, step (proud +)", ""),
        };

    public static Truth HornLine(string part, string name) =>
        new(Id("horn-line", part), TruthKind.HornLine, part, $"{name} in line with the servo arm")
        {
            Band = Around(1, "mm"),
            Shops = true,
            Points = new TruthPoints(TruthSum.Single, "the hole off the arm's line, right +", "", ""),
        };

    /// <summary>The horn of one surface.</summary>
    public static Truth HornLine(Surface surface) =>
        HornLine(surface.Id, "") with
        {
            Name = $"{surface.Name}, horn in line with its servo arm",
            Among = "Horns in line with their servo arms",
            One = surface.Name,
        };

    public static Truth HornSquare(string part, string name) =>
        new(Id("horn-square", part), TruthKind.HornSquare, part, $"{name} square to the hinge line")
        {
            Band = Around(2, "°"),
            Shops = true,
            Points = new TruthPoints(
                TruthSum.Difference,
                "its front edge off a square on the hinge line",
                "its rear edge off the same square",
                "off square, front edge out +"
            )
            {
                Base = null,
            },
        };

    /// <summary>
    /// What brings a surface to full throw, g at its trailing edge; by the shop at most a quarter of what its servo has
    /// there: T·(horn/arm)/(4·c·g), shared by all that the servo drives. No limit where the sheet states no torque.
    /// </summary>
    public static Truth HingeForce(SpecSheet sheet, Surface surface)
    {
        var servo = sheet.Servos.FirstOrDefault(s => s.Drives.Contains(surface.Id));
        var torque = (double?)servo?.Says(RadioFields.Servo.Torque).Counts?.Nominal;
        var (arm, horn) = (
            servo?.Says(RadioFields.Servo.ArmHole).Counts,
            servo?.Says(RadioFields.Servo.HornHole).Counts
        );
        var ratio = arm > 0 && horn > 0 ? horn / arm : 1;
        var most = torque * ratio / 4 / (surface.Chord / 1000) / Gravity * 1000 / (servo?.Drives.Length ?? 1);
        return new Truth($"hinge-force/{surface.Id}", TruthKind.HingeForce, surface.Id, $"{surface.Name}, hinge force")
        {
            Band = most is { } g && double.IsFinite(g) ? new Band(0, Math.Round(g), "g") : null,
            Shops = true,
            Points = new TruthPoints(TruthSum.Single, "at the trailing edge, to bring it to full throw", "", ""),
            Among = "Hinge forces",
            One = surface.Name,
        };
    }

    /// <summary>Anything else: one number, or left against right, in the sheet's own words.</summary>
    public static Truth Plain(string words, string part)
    {
        var sides = words.Contains("left against right", StringComparison.OrdinalIgnoreCase);
        var id = string.Concat(words.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-'));
        return new Truth(
            $"{(sides ? "sides" : "plain")}/{id}",
            sides ? TruthKind.Sides : TruthKind.Plain,
            part,
            Texts.Capital(words)
        )
        {
            Points = sides
                ? new TruthPoints(TruthSum.Difference, "left", "right", "")
                : new TruthPoints(TruthSum.Single, "as read", "", "as read"),
        };
    }

    // Of no part in particular it is the one of its kind.
    private static string Id(string kind, string part) => part.Length > 0 ? $"{kind}/{part}" : kind;

    /// <summary>"v tail": a part of the drawing in lower case.</summary>
    private static string Words(string part) => Places.Words(part);

    private static Band Around(double within, string unit, double nominal = 0) =>
        new(Numbers.Round(nominal - within), Numbers.Round(nominal + within), unit);

    // The leading edge of the tip, mm aft of the datum.
    private static double Tip(LiftingSurface of) => of.RootLeadingEdge + of.Panels.Sum(p => p.Sweep);

    // What stands in the middle behind or ahead of the wing, furthest away.
    private static (double X, string Name, string Part)? Middle(SpecSheet sheet, LiftingSurface wing, bool ahead)
    {
        if (ahead)
        {
            return (sheet.Geometry.Nose, "nose", "body");
        }

        (double X, string Name, string Part)[] behind =
        [
            .. sheet
                .Geometry.Fins.Select((f, i) => (Fin: f, Part: sheet.Geometry.FinPart(i)))
                .Where(f => !f.Fin.IsBeside)
                .Select(f => (f.Fin.X + f.Fin.Root, "foot of the fin, behind", f.Part)),
            .. sheet
                .Geometry.Lifting.Where(l => l.Role is "tail" or "v-tail")
                .Select(l => (l.RootLeadingEdge + l.Panels[0].Root, $"middle of the {Words(l.Id)}, behind", l.Id)),
        ];
        return behind
            .Where(b => b.X > Tip(wing) + 1)
            .OrderByDescending(b => b.X)
            .Select(b => ((double, string, string)?)b)
            .FirstOrDefault();
    }
}
