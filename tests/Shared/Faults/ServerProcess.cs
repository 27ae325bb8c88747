using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Sockets;

namespace Zygotome.Tests.Faults;

/// <summary>The real server as a process of its own, so that it can be killed.</summary>
internal sealed class ServerProcess : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);
    private readonly Process _process;

    private ServerProcess(Process process) => _process = process;

    /// <summary>A port that nobody listens at now.</summary>
    public static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    /// <summary>Starts it on a folder, with a demo's data, and waits until it answers.</summary>
    public static async Task<ServerProcess> Start(string data, string demo, int port)
    {
        var start = new ProcessStartInfo("dotnet") { RedirectStandardOutput = true, RedirectStandardError = true };
        string[] arguments =
        [
            ProjectFolder.File("src", "Zygotome.Server", "bin", "Release", "net10.0", "zygotome.dll"),
            "serve",
            "--data",
            data,
            "--demo",
            demo,
            "--ui",
            "none",
            "--backups",
            "none",
            "--port",
            port.ToString(CultureInfo.InvariantCulture),
        ];
        foreach (var argument in arguments)
        {
            start.ArgumentList.Add(argument);
        }

        var server = new ServerProcess(Process.Start(start)!);
        var said = new List<string>();
        server._process.OutputDataReceived += (_, e) => Note(said, e.Data);
        server._process.ErrorDataReceived += (_, e) => Note(said, e.Data);
        server._process.BeginOutputReadLine();
        server._process.BeginErrorReadLine();
        using var client = new HttpClient();
        for (var since = Stopwatch.StartNew(); since.Elapsed < Patience && !server._process.HasExited; )
        {
            try
            {
                if (await client.GetStringAsync(new Uri($"http://127.0.0.1:{port}/healthz")) == "ok")
                {
                    return server;
                }
            }
            catch (HttpRequestException)
            {
                await Task.Delay(20);
            }
        }

        server.Dispose();
        throw new InvalidOperationException($"The server did not start: {string.Join('\n', said)}");
    }

    /// <summary>Ends it at once, whatever it was doing.</summary>
    public void Kill()
    {
        _process.Kill();
        _process.WaitForExit();
    }

    public void Dispose()
    {
        if (!_process.HasExited)
        {
            Kill();
        }

        _process.Dispose();
    }

    private static void Note(List<string> said, string? line)
    {
        lock (said)
        {
            if (line is not null && said.Count < 40)
            {
                said.Add(line);
            }
        }
    }
}
