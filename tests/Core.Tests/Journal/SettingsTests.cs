using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Tests.Journal;

/// <summary>Settings by the two orders they are kept in, and what their names lead to.</summary>
public sealed class SettingsTests
{
    private static readonly DateTimeOffset Nine = new(2026, 11, 2, 9, 0, 0, TimeSpan.Zero);
    private static readonly Setting End = new(SettingKind.EndPoint, "aileron-left", "up");
    private static readonly Setting Transmitter = new(SettingKind.Transmitter);

    /// <summary>Something of this seq, observed so many minutes after nine.</summary>
    internal static Entry At(long seq, int minute) =>
        new(
            "J",
            seq,
            $"e{seq}",
            new Core.Bind.Reversed("aileron"),
            Bench.Vane,
            Nine.AddMinutes(minute),
            Nine.AddHours(1),
            "l"
        );

    private static Evidence Shown(long seq, int minute) => Evidence.Of(At(seq, minute));

    [Fact]
    public void A_change_told_late_counts_against_what_was_recorded_before_it_and_against_what_was_observed_before_it()
    {
        // Set at 9:00, told at seq 5.
        var settings = new Settings().Say(At(5, 0), End, "80 %", act: true);
        Assert.NotNull(settings.After(Shown(4, 10), End));
        Assert.Null(settings.After(Shown(6, 10), End));

        // Set at 9:20, told first; the reading was taken at 9:10 and told afterwards.
        settings = new Settings().Say(At(3, 20), End, "80 %", act: true);
        Assert.Equal("100 %", settings.After(Shown(4, 10), End)!.Then);
    }

    [Fact]
    public void A_first_word_is_on_what_was_there_and_a_first_act_is_a_change()
    {
        Assert.Null(new Settings().Say(At(5, 5), Transmitter, "blue", act: false).After(Shown(4, 4), Transmitter));
        Assert.NotNull(new Settings().Say(At(5, 5), Transmitter, "blue", act: true).After(Shown(4, 4), Transmitter));

        // What counts as something unsaid is that.
        Assert.NotNull(new Settings().Say(At(5, 5), End, "92 %", act: false).After(Shown(4, 4), End));
        Assert.Null(new Settings().Say(At(5, 5), End, "100 %", act: false).After(Shown(4, 4), End));
    }

    [Fact]
    public void Set_there_and_back_it_is_as_it_was()
    {
        var settings = new Settings().Say(At(5, 5), End, "92 %", act: true).Say(At(6, 6), End, "100 %", act: true);
        Assert.Null(settings.After(Shown(4, 4), End));
        Assert.Equal("92 %", settings.After(Shown(5, 5), End)!.Then);
        Assert.Equal(["92 %", "100 %"], settings.Since(End, 5));
        Assert.Equal(6, settings.ChangedAt(End));
    }

    [Theory]
    [InlineData("skerrow-64", "elevon left", "elevon-left")]
    [InlineData("plimsey-1400", "elevator 2", "elevator-left elevator-right")]
    [InlineData("tansy-needle", "ruddervator right", "ruddervator-right")]
    [InlineData("carrow-mail-1900", "rudder 2", "rudder-left rudder-right")]
    [InlineData("lowen-2600", "airbrake", "brake-left brake-right")]
    [InlineData("lowen-2600", "release", "")]
    [InlineData("saltern-1500", "reverse thrust", "")]
    public void A_channels_name_leads_to_the_surfaces_it_may_be_for(string sheet, string channel, string surfaces) =>
        Assert.Equal(
            surfaces,
            string.Join(' ', Channels.Leads(Bench.Sheet(sheet), channel).Surfaces.Select(s => s.Id))
        );

    [Theory]
    [InlineData(
        "aileron",
        "aileron-left aileron-right flap-inner-left flap-inner-right flap-outer-left flap-outer-right"
    )]
    [InlineData("flap left", "flap-inner-left flap-outer-left")]
    [InlineData("flap outer left", "flap-outer-left")]
    [InlineData("water rudder", "water-rudder")]
    [InlineData("rudder", "rudder water-rudder")]
    public void A_command_that_moves_more_than_its_own_kind_leads_to_all_of_it(string channel, string surfaces)
    {
        static Surface Mixed(Surface s) =>
            s.Kind == "flap" ? s.With(SurfaceFields.Functions.Is(["flap", "aileron"])) : s;
        var mail = Bench.Sheet("carrow-mail-1900");
        var sheet = channel.Contains("rudder", StringComparison.Ordinal)
            ? Bench.Sheet("saltern-1500")
            : mail with
            {
                Surfaces = [.. mail.Surfaces.Select(Mixed)],
            };
        Assert.Equal(surfaces, string.Join(' ', Channels.Leads(sheet, channel).Surfaces.Select(s => s.Id)));
    }

    [Fact]
    public void A_throttle_leads_to_its_motors_and_a_mode_to_a_mode_where_the_sheet_lists_modes()
    {
        Assert.Equal(3, Channels.Leads(Bench.Sheet("carrow-mail-1900"), "throttle").Motors.Length);
        Assert.True(Channels.Leads(Bench.Sheet("brindle-pair"), "stabiliser mode").Mode);
        Assert.False(Channels.Leads(Bench.Parasol, "stabiliser mode").Mode);
    }

    [Fact]
    public void Ailerons_have_a_channel_each_where_the_receiver_has_one_to_spare_and_one_together_where_it_has_not()
    {
        static string[] Of(int channels)
        {
            var state = new Bench(Bench.Parasol).State;
            return [.. Channels.Of(state.With(state.Receive with { ReceiverChannels = channels })).Select(c => c.Id)];
        }

        Assert.Contains("aileron-left", Of(8));
        Assert.Contains("aileron-left+aileron-right", Of(5));

        // Two names for two servos: each its own, whatever is to spare.
        Assert.Contains("elevator-left", Of(5));
    }

    [Fact]
    public void Surfaces_on_one_servo_are_on_one_channel()
    {
        var state = new Bench(Bench.Sheet("brindle-pair")).State;
        Assert.Contains("aileron-left+aileron-lower-left", Channels.Of(state).Select(c => c.Id));
        Assert.All(
            Directory.GetFiles(Zygotome.Tests.ProjectFolder.File("demo", "sheets")),
            file =>
            {
                var sheet = SheetReader.Read(File.ReadAllBytes(file)).Sheet!;
                var channels = Channels.Of(new Bench(sheet).State);
                Assert.Equal(
                    sheet.Surfaces.Select(s => s.Id).Order(),
                    channels.SelectMany(c => c.Surfaces).Select(s => s.Id).Order()
                );
            }
        );
    }
}
