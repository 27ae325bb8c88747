using System.Net;
using System.Text;
using Xunit;
using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>What is measured at a step: how it would stand as it is typed, and its marks on paper.</summary>
public sealed class MeasuredTests : WithServer
{
    private static string Truth(string first, string second, string by = "rule", string truth = "upright/fin") =>
        $"/api/jobs/J-0151/measured?truth={truth}&first={first}&second={second}&instrument={by}";

    private Task<HttpResponseMessage> Sent(string path) =>
        Client.Client.GetAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);

    [Fact]
    public async Task A_reading_is_judged_as_it_is_typed_and_nothing_is_recorded()
    {
        var before = Application.Job("J-0151").State.Seq;
        var now = await Client.Get(Truth("412", "405"));
        Assert.Equal("out", now.GetProperty("verdict").GetString());
        Assert.Equal("Its tip to the left by 5.7 mm.", now.GetProperty("advice").GetString());
        Assert.Equal(before, Application.Job("J-0151").State.Seq);
    }

    [Theory]
    [InlineData("about", "405", "rule", "upright/fin", HttpStatusCode.UnprocessableEntity)]
    [InlineData("412", "", "rule", "upright/fin", HttpStatusCode.UnprocessableEntity)]
    [InlineData("412 g", "405", "rule", "upright/fin", HttpStatusCode.UnprocessableEntity)]
    [InlineData("412", "405", "nothing", "upright/fin", HttpStatusCode.NotFound)]
    [InlineData("412", "405", "scales", "upright/fin", HttpStatusCode.UnprocessableEntity)]
    [InlineData("412", "405", "rule", "upright/nowhere", HttpStatusCode.NotFound)]
    public async Task What_cannot_be_read_so_is_refused_and_breaks_nothing(
        string first,
        string second,
        string by,
        string truth,
        HttpStatusCode status
    )
    {
        Assert.Equal(status, (await Sent(Truth(first, second, by, truth))).StatusCode);
    }

    [Fact]
    public async Task Marks_are_printed_where_a_step_has_some()
    {
        var pdf = await Sent("/api/jobs/J-0144/marks?step=cut-radio-bay");
        Assert.Equal("application/pdf", pdf.Content.Headers.ContentType?.MediaType);
        Assert.StartsWith(
            "%PDF",
            Encoding.ASCII.GetString(await pdf.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken)),
            StringComparison.Ordinal
        );
        Assert.Equal(HttpStatusCode.NotFound, (await Sent("/api/jobs/J-0144/marks?step=lay-out")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await Sent("/api/jobs/J-0144/marks?step=nowhere")).StatusCode);
    }

    [Fact]
    public async Task The_parts_of_a_step_are_drawn_as_held_and_a_step_without_any_draws_none()
    {
        var fin = await Client.Get("/api/jobs/J-0151/in-hand?step=fit-fin");
        Assert.Contains(fin.GetProperty("parts").EnumerateArray(), p => p.GetProperty("id").GetString() == "fin");
        var none = await Client.Get("/api/jobs/J-0151/in-hand?step=lay-out");
        Assert.Empty(none.GetProperty("parts").EnumerateArray());
        Assert.Equal(HttpStatusCode.NotFound, (await Sent("/api/jobs/J-0151/in-hand?step=nowhere")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await Sent("/api/jobs/J-9999/in-hand?step=lay-out")).StatusCode);
    }

    [Fact]
    public async Task A_mark_over_what_lies_hidden_says_so_before_it_is_recorded()
    {
        var now = await Client.Get("/api/jobs/J-0144/measured?step=cut-radio-bay&mark=4&first=30&instrument=rule");
        Assert.StartsWith("Over what lies hidden", now.GetProperty("phrase").GetString(), StringComparison.Ordinal);
    }
}
