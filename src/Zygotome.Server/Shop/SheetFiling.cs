using System.Diagnostics.CodeAnalysis;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Plausibility;
using Zygotome.Papers;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>
/// The one way a sheet comes on file, from a file or a draft: by the strict door, and only after everything that will
/// ever be shown of it could be made once.
/// </summary>
internal sealed partial class SheetFiling(SheetStore sheets, ILogger<SheetFiling> log)
{
    /// <param name="what">How it is called where its mistakes are counted: "This sheet", "This draft".</param>
    public bool Try(
        byte[] bytes,
        string what,
        [NotNullWhen(true)] out SheetCard? card,
        [NotNullWhen(false)] out ProblemHttpResult? refused
    )
    {
        (card, refused) = (null, null);
        SpecSheet sheet;
        try
        {
            var reading = SheetDoor.AtImport(bytes, sheets.LastRevision);
            if (reading.Sheet is null)
            {
                refused = Problems.Mistakes("sheet/mistakes", what, reading.Errors);
                return false;
            }

            sheet = reading.Sheet;
            card = Shown(sheet, bytes);
        }
        catch (Exception e) when (e is not System.Data.Common.DbException)
        {
            NotShown(what, e);
            refused = Problems.Of(
                StatusCodes.Status500InternalServerError,
                "server/rule",
                $"{what} makes a rule of this program fail; nothing was filed. Tell the maintainer, with the file."
            );
            return false;
        }

        if (sheets.Add(sheet, bytes).Refused is not { } refusal)
        {
            return true;
        }

        refused = Problems.Of(refusal, StatusCodes.Status409Conflict);
        return false;
    }

    private static SheetCard Shown(SpecSheet sheet, byte[] bytes)
    {
        var file = SheetFile.Parse(bytes);
        _ = SheetForm.Of(file, [], Plausible.Of(sheet), new HashSet<string>());
        foreach (var list in SheetCsv.Lists)
        {
            _ = SheetCsv.Write(file, list);
        }

        _ = DrawingView.Of(Drawings.Plan(sheet));
        return SheetCard.Of(SheetFacts.Of(sheet), null);
    }

    [LoggerMessage(LogLevel.Error, "{What} made a rule fail; it was not filed.")]
    private partial void NotShown(string what, Exception e);
}
