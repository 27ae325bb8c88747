using System.CommandLine;
using Zygotome.Store;

namespace Zygotome.Server.Memory;

/// <summary>
/// What is done to a shop's memory at the console. Exit codes: 0 as asked, 1 the shop is not sound, 2 it could not be
/// done.
/// </summary>
internal static class MemoryCommands
{
    public static Command Verify(Option<string> data)
    {
        var file = new Option<string?>("--file") { Description = "A database elsewhere, such as a backup." };
        var seal = new Option<string?>("--seal")
        {
            Description = "A seal as it is printed on a record, to check against.",
        };
        var command = new Command("verify", "Check every chain, paper and picture; names each place that is not sound.")
        {
            data,
            file,
            seal,
        };
        command.SetAction(parsed =>
            Guarded(() =>
            {
                var of = parsed.GetValue(file) ?? DatabaseIn(parsed.GetValue(data)!);
                return Say(Verification.Run(of, Core.Job.Stages.Kinds, parsed.GetValue(seal)));
            })
        );
        return command;
    }

    public static Command Backup(Option<string> data)
    {
        var to = new Argument<string>("folder") { Description = "Where it is put." };
        var command = new Command("backup", "Copy the shop's file, in use or not, and check the copy by restoring it.")
        {
            to,
            data,
        };
        command.SetAction(parsed =>
            Guarded(() =>
            {
                var from = DatabaseIn(parsed.GetValue(data)!);
                if (!File.Exists(from))
                {
                    throw new IOException($"There is no {from}.");
                }

                var backup = Store.Backup.Take(
                    from,
                    parsed.GetValue(to)!,
                    TimeProvider.System.GetUtcNow(),
                    Core.Job.Stages.Kinds
                );
                Console.WriteLine($"{backup.File}: {backup.Bytes} bytes. {backup.Words}");
                return backup.Sound ? 0 : 1;
            })
        );
        return command;
    }

    public static Command Restore(Option<string> data)
    {
        var from = new Argument<string>("backup") { Description = "The backup's .db file." };
        var anyway = new Option<bool>("--anyway") { Description = "Though it is not sound: what is left of it." };
        var command = new Command("restore", "Put a backup into a folder that has no shop yet.") { from, data, anyway };
        command.SetAction(parsed =>
            Guarded(() =>
            {
                var backup = parsed.GetValue(from)!;
                var result = Verification.Run(backup, Core.Job.Stages.Kinds);
                if (!result.Sound && !parsed.GetValue(anyway))
                {
                    return Say(result);
                }

                var folder = parsed.GetValue(data)!;
                using (DataFolder.ForRestore(folder))
                {
                    Store.Backup.Restore(backup, DatabaseIn(folder));
                    using var opened = Database.Open(DatabaseIn(folder));
                }

                Console.WriteLine($"{backup} is in {folder} now. Everybody signs in anew.");
                return Say(Verification.Run(DatabaseIn(folder), Core.Job.Stages.Kinds));
            })
        );
        return command;
    }

    public static Command Reseal(Option<string> data)
    {
        var reason = new Argument<string>("reason") { Description = "Who answers for what is missing, and why." };
        var command = new Command(
            "reseal",
            "Seal a shop as it is found, where what is missing is lost for good. The loss stays on record."
        )
        {
            reason,
            data,
        };
        command.SetAction(parsed =>
            Guarded(() =>
            {
                var folder = parsed.GetValue(data)!;
                using var held = DataFolder.Held(folder);
                using var database = Database.Open(DatabaseIn(folder));
                Console.WriteLine(database.Reseal(parsed.GetValue(reason)!, TimeProvider.System.GetUtcNow()));
                return 0;
            })
        );
        return command;
    }

    private static string DatabaseIn(string folder) => Path.Combine(folder, ZygotomeServer.DatabaseFile);

    private static int Say(VerificationResult result)
    {
        (result.Sound ? Console.Out : Console.Error).WriteLine(
            result.Sound ? result.Words : string.Join('\n', result.Found.Select(f => f.Words))
        );
        return result.Sound ? 0 : 1;
    }

    // What cannot be done is said in words, never by a stack trace.
    private static int Guarded(Func<int> act)
    {
        try
        {
            return act();
        }
        catch (Exception e)
            when (e is IOException or UnauthorizedAccessException or FolderRefusedException
                || FileTrouble.Of(e) is not null
            )
        {
            Console.Error.WriteLine(FileTrouble.Of(e)?.Words ?? e.Message);
            return 2;
        }
    }
}
