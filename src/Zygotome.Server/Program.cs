using System.CommandLine;
using System.Net;
using System.Reflection;
using Zygotome.Server;
using Zygotome.Server.Door;
using Zygotome.Server.Memory;

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
var empty = new Option<bool>("--empty") { Description = "Begin a shop of your own instead of the demo's." };
var freshDemo = new Option<bool>("--fresh-demo") { Description = "Throw the folder's demo away and begin it anew." };
var hosts = new Option<string[]>("--host")
{
    Description = "A name this server is called by behind a proxy, beside localhost; may be said again.",
    DefaultValueFactory = _ => [],
};
var proxies = new Option<IPAddress[]>("--proxy")
{
    Description = "The address of a reverse proxy whose forwarded headers are believed; may be said again.",
    DefaultValueFactory = _ => [],
    CustomParser = result =>
    {
        var read = new List<IPAddress>();
        foreach (var token in result.Tokens)
        {
            if (IPAddress.TryParse(token.Value, out var address))
            {
                read.Add(address);
            }
            else
            {
                result.AddError($"--proxy takes an address such as 127.0.0.1, not \"{token.Value}\".");
            }
        }

        return [.. read];
    },
};
var demo = new Option<string>("--demo") { Description = "Folder of the demo data.", DefaultValueFactory = _ => "demo" };
var ui = new Option<string>("--ui")
{
    Description = "Folder of the built interface.",
    DefaultValueFactory = _ => "ui/dist",
};

var backups = new Option<string>("--backups")
{
    Description = "Folder for a backup a day (by itself in the data folder; better on another disk), or none.",
};

var serve = new Command("serve", "Serve the application.")
{
    data,
    port,
    empty,
    freshDemo,
    demo,
    ui,
    hosts,
    proxies,
    backups,
};
serve.SetAction(
    async (parsed, cancel) =>
    {
        var options = new ServerOptions(
            parsed.GetValue(data)!,
            parsed.GetValue(empty) ? null : parsed.GetValue(demo),
            parsed.GetValue(ui),
            parsed.GetValue(port)
        )
        {
            Backups = parsed.GetValue(backups) switch
            {
                null => Path.Combine(parsed.GetValue(data)!, "backups"),
                "none" => null,
                var folder => folder,
            },
            FreshDemo = parsed.GetValue(freshDemo),
            Proxies = parsed.GetValue(proxies)!,
        };
        options = options with { Hosts = [.. options.Hosts, .. parsed.GetValue(hosts)!] };
        try
        {
            await using var app = ZygotomeServer.Build(options);
            await app.StartAsync(cancel);
            Console.WriteLine($"Zygotome is at {options.Url}");
            if (app.Services.GetService<FirstStart>() is not { } first)
            {
                Console.Error.WriteLine("The shop's file cannot be served; that page says what is wrong.");
            }
            else if (first.Code is { } code)
            {
                Console.WriteLine($"This shop has nobody yet. Open that page; the code it asks for is {code}");
            }

            await app.WaitForShutdownAsync(cancel);
            return 0;
        }
        catch (FolderRefusedException e)
        {
            Console.Error.WriteLine(e.Message);
            return 2;
        }
    }
);

return await new RootCommand("Zygotome: from box to signed record.")
{
    serve,
    MemoryCommands.Verify(data),
    MemoryCommands.Backup(data),
    MemoryCommands.Restore(data),
    MemoryCommands.Reseal(data),
}
    .Parse(args)
    .InvokeAsync();
