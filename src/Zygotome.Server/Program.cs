using System.CommandLine;
using System.Reflection;
using Zygotome.Core.Jobs;
using Zygotome.Server;
using Zygotome.Server.Shop;
using Zygotome.Store;

// The OpenAPI document is written at build by starting this program under another entry assembly, on a database of its
// own.
if (Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider")
{
    await ZygotomeServer
        .Build(new ServerOptions(Directory.CreateTempSubdirectory("zygotome-openapi").FullName, null, null, 0))
        .RunAsync();
    return 0;
}

var data = new Option<string>("--data")
{
    Description = "Folder of the shop's data.",
    DefaultValueFactory = _ => "data",
};
var port = new Option<int>("--port") { Description = "Port on 127.0.0.1.", DefaultValueFactory = _ => 5080 };
var empty = new Option<bool>("--empty") { Description = "Start without the demo data." };
var demo = new Option<string>("--demo") { Description = "Folder of the demo data.", DefaultValueFactory = _ => "demo" };
var ui = new Option<string>("--ui")
{
    Description = "Folder of the built interface.",
    DefaultValueFactory = _ => "ui/dist",
};

var serve = new Command("serve", "Serve the application.") { data, port, empty, demo, ui };
serve.SetAction(
    async (parsed, cancel) =>
    {
        var options = new ServerOptions(
            parsed.GetValue(data)!,
            parsed.GetValue(empty) ? null : parsed.GetValue(demo),
            parsed.GetValue(ui),
            parsed.GetValue(port)
        );
        await using var app = ZygotomeServer.Build(options);
        await app.StartAsync(cancel);
        Console.WriteLine($"Zygotome is at {options.Url}");
        if (app.Services.GetRequiredService<ShopSettings>().FirstPin is { } pin)
        {
            Console.WriteLine($"An empty shop: sign in as Lead with PIN {pin}.");
        }

        await app.WaitForShutdownAsync(cancel);
    }
);

var verify = new Command("verify", "Check every chain of the journal; exits 1 on the first break.") { data };
verify.SetAction(parsed =>
{
    var file = Path.Combine(parsed.GetValue(data)!, ZygotomeServer.DatabaseFile);
    if (!File.Exists(file))
    {
        Console.Error.WriteLine($"There is no database {file}.");
        return 2;
    }

    var result = Verification.Run(Database.Open(file), Stages.Kinds);
    Console.WriteLine(result.Words);
    return result.Sound ? 0 : 1;
});

return await new RootCommand("Zygotome: from box to signed record.") { serve, verify }
    .Parse(args)
    .InvokeAsync();
