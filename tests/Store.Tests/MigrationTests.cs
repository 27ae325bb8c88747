using System.Globalization;
using Dapper;
using Microsoft.Data.Sqlite;
using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Tests;

namespace Zygotome.Store.Tests;

/// <summary>A file of an earlier version is brought up to date with all it holds.</summary>
public sealed class MigrationTests : IDisposable
{
    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("zygotome-migration");

    private string DatabaseFile => Path.Combine(_folder.FullName, "zygotome.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        _folder.Delete(recursive: true);
    }

    // A file as the version with so many scripts left it.
    private void Left(int scripts, string rows)
    {
        using var connection = new SqliteConnection($"Data Source={DatabaseFile}");
        connection.Open();
        connection.Execute(
            "CREATE TABLE SchemaVersions (SchemaVersionID INTEGER PRIMARY KEY AUTOINCREMENT, ScriptName TEXT NOT NULL, "
                + "Applied DATETIME NOT NULL)"
        );
        foreach (
            var file in Directory
                .GetFiles(ProjectFolder.File("src", "Zygotome.Store", "Migrations"))
                .Order(StringComparer.Ordinal)
                .Take(scripts)
        )
        {
            connection.Execute(File.ReadAllText(file));
            connection.Execute(
                "INSERT INTO SchemaVersions (ScriptName, Applied) VALUES (@name, @at)",
                new
                {
                    name = $"Zygotome.Store.Migrations.{Path.GetFileName(file)}",
                    at = DateTime.UnixEpoch.ToString("s", CultureInfo.InvariantCulture),
                }
            );
        }

        connection.Execute(rows);
    }

    [Fact]
    public void People_of_a_shop_before_there_were_sign_ins_keep_their_names_roles_and_pins()
    {
        Left(
            3,
            "INSERT INTO staff VALUES ('rvane', 'R. Vane', 'Technician', x'0011', x'2233'); "
                + "INSERT INTO draft VALUES ('d1', 'Heron', 1, x'7b7d', 'R. Vane', '2026-11-01T00:00:00.0000000Z')"
        );
        var database = Database.Open(DatabaseFile);
        var worker = Assert.Single(new PeopleStore(database).Here());
        Assert.Equal(new Person("rvane", "R. Vane", Role.Technician), worker.Person);
        Assert.Equal("sha256-100000$0011$2233", worker.Pin);
        Assert.Equal(
            ("", null),
            (new DraftStore(database).Find("d1")!.Writer, new DraftStore(database).Find("d1")!.RemovedAt)
        );
    }
}
