using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Running;
using BenchmarkDotNet.Toolchains.InProcess.Emit;

if (args is ["faults", .. var rest])
{
    return await Zygotome.Bench.Faults.Run(rest);
}

if (args is ["retained"])
{
    Zygotome.Bench.Retained.Run();
    return 0;
}

// ./bench/run measures; figures belong in docs/performance.md, with the command and the day.
var config = DefaultConfig.Instance.AddJob(
    Job.Default.WithToolchain(InProcessEmitToolchain.Instance).WithWarmupCount(3).WithIterationCount(12)
);
BenchmarkSwitcher
    .FromAssembly(typeof(Zygotome.Bench.Shop).Assembly)
    .Run(args.Length == 0 ? ["--filter", "*"] : args, config);
return 0;
