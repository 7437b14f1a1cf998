using FluentValidation;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Planning;
using Nido.Data;
using Nido.Data.Outside;
using Nido.Web;
using Nido.Web.Common;
using Nido.Web.Cupboard;
using Nido.Web.Group;
using Nido.Web.Ideas;
using Nido.Web.Making;
using Nido.Web.Prep;
using Nido.Web.Safety;
using Nido.Web.Today;
using Nido.Web.Week;
using Nido.Web.Words;
using Scalar.AspNetCore;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;

if (args is ["check-content", var folder])
{
    var (_, problems) = ContentReader.Read(folder);
    foreach (var problem in problems)
    {
        Console.WriteLine(Path.Combine(folder, problem.ToString()));
    }

    return problems.Count == 0 ? 0 : 1;
}

var builder = WebApplication.CreateBuilder(args);
builder.Host.UseSerilog((context, log) => log
    .MinimumLevel.Information()
    .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
    // Bodies, queries and SQL parameters may speak of children; requests are logged by route only.
    .WriteTo.Console(new CompactJsonFormatter(), restrictedToMinimumLevel: context.HostingEnvironment.IsEnvironment("Testing") ? LogEventLevel.Error : LogEventLevel.Information));

var file = SiteFile.Path(builder.Configuration);
var services = builder.Services;
services.AddSingleton(TimeProvider.System);
services.AddSingleton(Content.Read(Path.Combine(AppContext.BaseDirectory, "content")));
services.AddSingleton<SiteStamp>();
services.AddSingleton<IForecast>(new FileForecast(Path.Combine(Path.GetDirectoryName(file)!, "forecast.csv")));
services.AddSingleton<WeekProblems>();
services.AddSingleton<Compositions>();
services.AddSingleton(builder.Configuration.GetValue<bool>("Nido:Quick") ? new ComposeLimits(0.5, 8, 40_000, TimeSpan.FromSeconds(20)) : ComposeLimits.Usual);
services.AddScoped<WeekDesk>();
services.AddScoped<Replanning>();
services.AddDbContext<NidoDb>((provider, options) => options.UseSqlite(Site.Connection(file)).AddInterceptors(provider.GetRequiredService<SiteStamp>()));
services.AddValidatorsFromAssemblyContaining<Program>(includeInternalTypes: true);
services.ConfigureHttpJsonOptions(options =>
{
    foreach (var converter in Nido.Data.Formats.Units.Json.Converters)
    {
        options.SerializerOptions.Converters.Add(converter);
    }

    options.SerializerOptions.NumberHandling = System.Text.Json.Serialization.JsonNumberHandling.Strict;
});
services.AddProblemDetails();
services.AddExceptionHandler<ChangedMeanwhile>();
services.AddExceptionHandler<UnreadableBody>();
services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
services.AddNidoOpenApi();
services.AddResponseCompression(options => options.EnableForHttps = true);

var app = builder.Build();
app.UseSerilogRequestLogging(options =>
{
    options.MessageTemplate = "{RequestMethod} {Route} {StatusCode} in {Elapsed:0} ms";
    options.GetMessageTemplateProperties = (context, _, elapsed, status) =>
    [
        new("RequestMethod", new ScalarValue(context.Request.Method)),
        new("Route", new ScalarValue((context.GetEndpoint() as RouteEndpoint)?.RoutePattern.RawText ?? "file")),
        new("StatusCode", new ScalarValue(status)),
        new("Elapsed", new ScalarValue(elapsed)),
    ];
});
app.UseExceptionHandler();
app.UseStatusCodePages();
app.Use(UnreadableBody.KeepBody);
app.UseResponseCompression();
app.UseOwnHeaders();
app.UseDefaultFiles();
app.UseStaticFiles();
// After the files: else the fallback below would answer for them.
app.UseRouting();

var api = app.MapGroup("/api").AddEndpointFilter<Validated>();
api.MapGet("/health", () => TypedResults.Ok(new Health("ready"))).WithName("health").WithTags("Site");
api.MapGroup();
api.MapObservations();
api.MapObjectives();
api.MapRota();
api.MapCupboard();
api.MapSharing();
api.MapWeek();
api.MapReplan();
api.MapSimulation();
api.MapTerm();
api.MapFiles();
api.MapIdeas();
api.MapThemes();
api.MapPrep();
api.MapMaking();
api.MapWords();
api.MapToday();
api.MapShown();
api.MapSafety();
api.MapAllergens();
app.MapOpenApi();
app.MapScalarApiReference("/api-docs", options => options.DisableDefaultFonts());
app.MapFallback("/api/{**rest}", () => TypedResults.NotFound());
// Ids of ideas have a dot in them, so every other address is a page, not only those that do not look like files.
app.MapFallbackToFile("{*page}", "index.html");

await using (var scope = app.Services.CreateAsyncScope())
{
    var db = scope.ServiceProvider.GetRequiredService<NidoDb>();
    await Site.OpenAsync(db, file, default);
    await Site.ReadAllergiesAsync(db, app.Services.GetRequiredService<Content>().Allergens, default);
    if (app.Configuration.GetValue<bool>("Nido:Demo") && !await db.Groups.AnyAsync())
    {
        await Site.SeedDemoAsync(db, NewId.Next, default);
        if (app.Configuration.GetValue("Nido:DemoComposed", true))
        {
            var compositions = app.Services.GetRequiredService<Compositions>();
            foreach (var week in await db.Weeks.Select(w => w.Id).ToListAsync())
            {
                compositions.Begin(week);
                await compositions.WhenEnded(week);
            }
        }
    }
}

// The newest week is worked out before anyone asks, and a few times more, so that what is compiled as it runs is
// compiled by then: the first look, and the first check after a change, are as quick as the next.
app.Lifetime.ApplicationStarted.Register(() => _ = app.Configuration.GetValue<bool>("Nido:Quick") ? Task.CompletedTask : Task.Run(async () =>
{
    await using var scope = app.Services.CreateAsyncScope();
    if (await scope.ServiceProvider.GetRequiredService<NidoDb>().Weeks.OrderByDescending(w => w.Monday).FirstOrDefaultAsync() is { } newest)
    {
        var desk = scope.ServiceProvider.GetRequiredService<WeekDesk>();
        await desk.ViewAsync(newest, app.Lifetime.ApplicationStopping);
        var input = (await desk.PlanAsync(newest, app.Lifetime.ApplicationStopping)).Problem.Input;
        for (var k = 0; k < 4 && !app.Lifetime.ApplicationStopping.IsCancellationRequested; k++)
        {
            Nido.Core.Planning.WeekProblem.Build(input);
        }
    }
}));
await app.RunAsync();
return 0;

/// <summary>The answer of /api/health.</summary>
internal sealed record Health(string Status);

/// <summary>Lets tests start the application.</summary>
public partial class Program;
