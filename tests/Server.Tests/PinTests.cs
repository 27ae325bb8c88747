using System.Net;
using System.Text.Json;
using Microsoft.Extensions.DependencyInjection;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Tests;

/// <summary>Nobody gets in by trying.</summary>
public sealed class PinTests : WithServer
{
    private static async Task<HttpStatusCode> Try(Api at, string person, string pin) =>
        (await at.Send(HttpMethod.Post, "/api/sign-in", JsonSerializer.Serialize(new { person, pin }))).Status;

    private void Pass(double seconds) => Application.Clock.Advance(TimeSpan.FromSeconds(seconds));

    // Somebody at another machine guesses until they must wait.
    private async Task<Api> Guessed(string person = "ithorne")
    {
        var stranger = Api.Stranger(Application);
        for (var i = 0; i < 5; i++)
        {
            Assert.Equal(HttpStatusCode.Unauthorized, await Try(stranger, person, $"710{i}"));
        }

        return stranger;
    }

    [Fact]
    public async Task Five_wrong_pins_make_a_person_wait_and_each_further_one_twice_as_long()
    {
        using var stranger = await Guessed();
        foreach (var pause in new[] { 30, 60, 120, 240 })
        {
            Assert.Equal(HttpStatusCode.TooManyRequests, await Try(stranger, "ithorne", "2468"));
            Pass(pause - 1);
            Assert.Equal(HttpStatusCode.TooManyRequests, await Try(stranger, "ithorne", "2468"));
            Pass(1.5);
            Assert.Equal(HttpStatusCode.Unauthorized, await Try(stranger, "ithorne", "7199"));
        }

        Pass(3600 - 1);
        Assert.Equal(HttpStatusCode.OK, await Try(stranger, "ithorne", "2468"));
    }

    [Fact]
    public async Task No_pause_is_longer_than_an_hour_and_after_a_quiet_day_all_is_forgotten()
    {
        using var stranger = await Guessed();
        for (var i = 0; i < 12; i++)
        {
            Pass(3601);
            Assert.Equal(HttpStatusCode.Unauthorized, await Try(stranger, "ithorne", "7199"));
        }

        Assert.Equal(HttpStatusCode.TooManyRequests, await Try(stranger, "ithorne", "2468"));
        Pass(24 * 3600 + 1);
        for (var i = 0; i < 5; i++)
        {
            Assert.Equal(HttpStatusCode.Unauthorized, await Try(stranger, "ithorne", "7199"));
        }
    }

    [Fact]
    public async Task However_many_made_up_names_are_tried_the_wrong_pins_of_a_person_are_counted()
    {
        using var stranger = Api.Stranger(Application);
        for (var i = 0; i < 1200; i++)
        {
            Assert.Equal(HttpStatusCode.Unauthorized, await Try(stranger, $"nobody-{i}", "1357"));
        }

        using var waits = await Guessed();
        Assert.Equal(HttpStatusCode.TooManyRequests, await Try(stranger, "ithorne", "2468"));
    }

    [Fact]
    public async Task Tries_sent_at_once_count_as_those_sent_one_after_the_other()
    {
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 40)
                .Select(i =>
                    Task.Run(async () =>
                    {
                        using var stranger = Api.Stranger(Application);
                        return await Try(stranger, "ithorne", $"71{i:00}");
                    })
                )
        );
        Assert.Equal(5, answers.Count(a => a == HttpStatusCode.Unauthorized));
        Assert.Equal(35, answers.Count(a => a == HttpStatusCode.TooManyRequests));
    }

    [Fact]
    public async Task Whoever_guesses_elsewhere_keeps_nobody_from_the_bench_they_work_at()
    {
        using var bench = await Api.SignedIn(Application, "ithorne");
        using var stranger = await Guessed();
        Assert.Equal(HttpStatusCode.TooManyRequests, await Try(stranger, "ithorne", "2468"));
        Assert.Equal(HttpStatusCode.OK, await Try(bench, "ithorne", "2468"));

        // At that device others have signed in before, but not this person.
        Assert.Equal(HttpStatusCode.TooManyRequests, await Try(Client, "ithorne", "2468"));
        Assert.Equal(HttpStatusCode.OK, await Try(Client, "rvane", "2468"));
    }

    [Fact]
    public async Task A_known_device_is_counted_too_and_begins_anew_after_a_right_one()
    {
        for (var round = 0; round < 2; round++)
        {
            for (var i = 0; i < 4; i++)
            {
                Assert.Equal(HttpStatusCode.Unauthorized, await Try(Client, "rvane", "7199"));
            }

            Assert.Equal(HttpStatusCode.OK, await Try(Client, "rvane", "2468"));
        }

        for (var i = 0; i < 5; i++)
        {
            Assert.Equal(HttpStatusCode.Unauthorized, await Try(Client, "rvane", "7199"));
        }

        Assert.Equal(HttpStatusCode.TooManyRequests, await Try(Client, "rvane", "2468"));
    }

    [Fact]
    public async Task A_right_pin_at_a_new_device_gives_no_guesser_new_tries()
    {
        using var stranger = Api.Stranger(Application);
        for (var i = 0; i < 4; i++)
        {
            Assert.Equal(HttpStatusCode.Unauthorized, await Try(stranger, "ithorne", $"710{i}"));
        }

        using var newTablet = await Api.SignedIn(Application, "ithorne");
        Assert.Equal(HttpStatusCode.Unauthorized, await Try(stranger, "ithorne", "7104"));
        Assert.Equal(HttpStatusCode.TooManyRequests, await Try(stranger, "ithorne", "7105"));
    }

    [Fact]
    public void Devices_never_seen_share_a_bound_over_all_people()
    {
        var guard = new PinGuard(Application.Clock);
        var people = Enumerable.Range(0, 30).Select(i => $"p{i}").ToArray();
        Assert.Equal(20, people.Count(p => guard.Try(p, null) is null));
        Assert.Null(guard.Try("p0", "a device of theirs"));
        Assert.NotNull(guard.Try("p29", null));
        Pass(61);
        Assert.Null(guard.Try("p29", null));
    }

    [Theory]
    [InlineData("123", "pin/shape")]
    [InlineData("123456789", "pin/shape")]
    [InlineData("12a4", "pin/shape")]
    [InlineData("١٢٣٤", "pin/shape")]
    [InlineData("0000", "pin/obvious")]
    [InlineData("1234", "pin/obvious")]
    [InlineData("987654", "pin/obvious")]
    [InlineData("2468", "pin/obvious")]
    [InlineData("1212", "pin/obvious")]
    [InlineData("1221", "pin/obvious")]
    [InlineData("837837", "pin/obvious")]
    [InlineData("1987", "pin/obvious")]
    [InlineData("2580", "pin/obvious")]
    [InlineData("7193", null)]
    [InlineData("40827716", null)]
    public void A_pin_is_four_to_eight_digits_and_nobodys_first_guess(string pin, string? refused) =>
        Assert.Equal(refused, Pins.Refused(pin, "pin")?.Code);

    [Fact]
    public void A_pin_costs_what_is_asked_today_and_one_that_cost_less_is_hashed_anew()
    {
        Assert.Equal(210_000, new ServerOptions("data", null, null).PinRounds);
        var cheap = new Pins(1000).Hash("7193");
        var today = new Pins(2000);
        Assert.Equal(PinAnswer.RightButOld, today.Check(cheap, "7193"));
        Assert.Equal(PinAnswer.Right, today.Check(today.Hash("7193"), "7193"));
        Assert.Equal(PinAnswer.Wrong, today.Check(cheap, "7194"));
    }

    [Fact]
    public async Task A_pin_kept_by_an_older_version_lets_in_once_more_and_is_kept_in_todays_form_from_then_on()
    {
        var salt = Convert.FromHexString("00112233445566778899AABBCCDDEEFF");
        var old = System.Security.Cryptography.Rfc2898DeriveBytes.Pbkdf2(
            "5071",
            salt,
            100_000,
            System.Security.Cryptography.HashAlgorithmName.SHA256,
            32
        );
        var store = Application.Services.GetRequiredService<PeopleStore>();
        store.Put(
            new Worker(
                new Person("old", "O. Old", Role.Counter),
                $"sha256-100000${Convert.ToHexString(salt)}${Convert.ToHexString(old)}"
            )
        );
        await Application.Restart();
        using var at = Api.Stranger(Application);
        Assert.Equal(HttpStatusCode.Unauthorized, await Try(at, "old", "5072"));
        Assert.Equal(HttpStatusCode.OK, await Try(at, "old", "5071"));
        var kept = store.Here().Single(w => w.Person.Id == "old").Pin;
        Assert.DoesNotContain("sha256-", kept, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.OK, await Try(at, "old", "5071"));
        Assert.Equal(kept, store.Here().Single(w => w.Person.Id == "old").Pin);
    }
}
