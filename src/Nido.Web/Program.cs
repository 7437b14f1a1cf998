using System.IO.Compression;
using FluentValidation;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Week.Search;
using Nido.Data;
using Nido.Data.Backups;
using Nido.Data.Outside;
using Nido.Web;
using Nido.Web.Common;
using Nido.Web.Cupboard;
using Nido.Web.Families;
using Nido.Web.Group;
using Nido.Web.House;
using Nido.Web.Ideas;
using Nido.Web.Journal;
using Nido.Web.Making;
using Nido.Web.Own;
using Nido.Web.Paper;
using Nido.Web.Prep;
using Nido.Web.Safety;
using Nido.Web.Session;
using Nido.Web.Today;
using Nido.Web.Week;
using Nido.Web.Words;
using Scalar.AspNetCore;
using Serilog;
using Serilog.Events;
using Serilog.Formatting.Compact;

if (args is ["check-content", var folder])
{
    var (catalogue, problems) = ContentReader.Read(folder);
    var lines =
        problems.Count > 0 ? problems.Select(p => Path.Combine(folder, p.ToString())) : ContentCounts.Of(catalogue);
    foreach (var line in lines)
    {
        Console.WriteLine(line);
    }

    return problems.Count == 0 ? 0 : 1;
}

// Whatever is written is its owner's alone, from the first byte.
OwnFiles.Only();
var builder = WebApplication.CreateBuilder(args);
builder.Host.UseSerilog(
    (context, log) =>
        log
            .MinimumLevel.Information()
            .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
            // Bodies, queries, addresses and SQL parameters may speak of children; requests are logged by route only.
            .Enrich.With<NoAddresses>()
            .WriteTo.Console(
                new CompactJsonFormatter(),
                restrictedToMinimumLevel: context.HostingEnvironment.IsEnvironment("Testing")
                    ? LogEventLevel.Error
                    : LogEventLevel.Information
            )
);

SiteFolder house;
try
{
    house = SiteFolder.Open(SiteFile.Folder(builder.Configuration));
    if (args is ["restore", var backup])
    {
        var aside = await Backup.PutInPlaceAsync(house, backup, DateTimeOffset.UtcNow, default);
        Console.WriteLine($"{backup} is back.{(aside is null ? "" : $" What was there is kept as {aside}.")}");
        house.Dispose();
        return 0;
    }
}
catch (SiteException e)
{
    return Faults.Tell(e);
}

var services = builder.Services;
services.AddSingleton(TimeProvider.System);
services.AddSingleton(new ShippedContent(Content.Read(Path.Combine(AppContext.BaseDirectory, "content"))));
services.AddSingleton<HouseContent>();
services.AddScoped(provider => provider.GetRequiredService<HouseContent>().Now);
services.AddSingleton<SiteStamp>();
services.AddSingleton(_ => house);
services.AddSingleton<OneWriter>();
services.AddSingleton<IForecast>(new FileForecast(Path.Combine(house.Path, "forecast.csv")));
services.AddSingleton<WeekProblems>();
services.AddSingleton<Compositions>();
services.AddHostedService(provider => provider.GetRequiredService<Compositions>());
services.AddSingleton(
    builder.Configuration.GetValue<bool>("Nido:Quick")
        ? new ComposeLimits(0.3, 8, 40_000, TimeSpan.FromMinutes(5)) { Pricings = 12, WholeWork = 0.3 }
        : ComposeLimits.Usual
);
services.AddScoped<WeekDesk>();
services.AddScoped<WeekHistory>();
services.AddScoped<TermShares>();
services.AddScoped<JournalReading>();
services.AddScoped<FamilyReading>();
services.AddScoped<Replanning>();
services.AddScoped<UnitSense>();
services.AddDbContext<NidoDb>(
    (provider, options) =>
        options.UseSqlite(Site.Connection(house.File)).AddInterceptors(provider.GetRequiredService<SiteStamp>())
);
services.AddValidatorsFromAssemblyContaining<Program>(includeInternalTypes: true);
services.ConfigureHttpJsonOptions(options =>
{
    foreach (var converter in Nido.Data.Formats.Units.Json.Converters)
    {
        options.SerializerOptions.Converters.Add(converter);
    }

    options.SerializerOptions.Converters.Add(new Speaking.Json());
    options.SerializerOptions.Converters.Add(new Speaking.OfBoth());
    options.SerializerOptions.NumberHandling = System.Text.Json.Serialization.JsonNumberHandling.Strict;
});
if (builder.Configuration.GetValue("Nido:Night", true))
{
    services.AddSingleton<NightWatch>();
    services.AddHostedService(provider => provider.GetRequiredService<NightWatch>());
}

services.AddProblemDetails(options => options.CustomizeProblemDetails = Problems.Say);
services.AddExceptionHandler<NotHere>();
services.AddExceptionHandler<ChangedMeanwhile>();
services.AddExceptionHandler<UnreadableBody>();
services.AddExceptionHandler<SiteFaults>();
services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
services.AddNidoOpenApi();
services.AddResponseCompression(options => options.EnableForHttps = true);
services.Configure<BrotliCompressionProviderOptions>(options => options.Level = CompressionLevel.Optimal);

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
app.UseSpeaking(app.Services.GetRequiredService<ShippedContent>().Content);
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseOwnHeaders();
app.UseOwnHostOnly();
app.UsePackedFiles();
app.UseResponseCompression();
app.UseDefaultFiles();
app.UseStaticFiles();

// What an address does is known from here on: a page, a change that takes its turn, a file of any size.
app.UseRouting();
app.UsePages();
app.UsePlainBodies();
app.UseOneWriter();

var api = app.MapGroup("/api").AddEndpointFilter<Validated>();
api.MapHealth();
api.MapHouse();
api.MapTakeAlong();
api.MapGroup();
api.MapObservations();
api.MapObjectives();
api.MapJournal();
api.MapRota();
api.MapCupboard();
api.MapQuickSets();
api.MapSharing();
api.MapWeek();
api.MapPencil();
api.MapReplan();
api.MapMayGoWrong();
api.MapWishes();
api.MapTerm();
api.MapFiles();
api.MapFamilies();
api.MapHomes();
api.MapAsking();
api.MapOutbox();
api.MapBags();
api.MapSession();
api.MapExpected();
api.MapIdeas();
api.MapThemes();
api.MapPrep();
api.MapMaking();
api.MapPaper();
api.MapWeekPaper();
api.MapWords();
api.MapToday();
api.MapShown();
api.MapDoor();
api.MapOtherwise();
api.MapEndOfDay();
api.MapTallies();
api.MapNotes();
api.MapFollowUps();
api.MapPictures();
api.MapPageToShare();
api.MapSafety();
api.MapOwn();
api.MapOwnPhoto();
api.MapOwnFile();
api.MapAllergens();
app.MapOpenApi();
app.MapScalarApiReference("/api-docs", options => options.DisableDefaultFonts());

try
{
    await using var scope = app.Services.CreateAsyncScope();
    var db = scope.ServiceProvider.GetRequiredService<NidoDb>();
    await Site.OpenAsync(db, house, app.Services.GetRequiredService<TimeProvider>().GetUtcNow(), default);
    await Site.ReadAllergiesAsync(db, app.Services.GetRequiredService<ShippedContent>().Content.Allergens, default);
    if (app.Configuration.GetValue<bool>("Nido:Demo") && !await db.Groups.IgnoreQueryFilters().AnyAsync())
    {
        await Example.LayAsync(
            db,
            app.Services.GetRequiredService<ShippedContent>().Content,
            app.Configuration.GetValue("Nido:DemoPast", true),
            default
        );
        if (app.Configuration.GetValue("Nido:DemoComposed", true))
        {
            var compositions = app.Services.GetRequiredService<Compositions>();
            foreach (
                var week in await db
                    .Weeks.Where(w => w.Monday == Nido.Data.Demo.DemoScenario.Monday)
                    .Select(w => w.Id)
                    .ToListAsync()
            )
            {
                compositions.Begin(week);
                await compositions.WhenEnded(week);
            }
        }
    }
}
catch (SiteException e)
{
    return Faults.Tell(e);
}

// Whoever starts it waits for this line instead of asking again and again.
app.Lifetime.ApplicationStarted.Register(() =>
    app.Services.GetRequiredService<Serilog.ILogger>().Information("Ready at {Addresses}", app.Urls)
);

// The newest week is worked out before anyone asks, and a few times more, so that what is compiled as it runs is
// compiled by then: the first look, and the first check after a change, are as quick as the next.
app.Lifetime.ApplicationStarted.Register(() =>
    _ = app.Configuration.GetValue<bool>("Nido:Quick")
        ? Task.CompletedTask
        : Task.Run(async () =>
        {
            await using var scope = app.Services.CreateAsyncScope();
            if (
                await scope
                    .ServiceProvider.GetRequiredService<NidoDb>()
                    .Weeks.OrderByDescending(w => w.Monday)
                    .FirstOrDefaultAsync() is
                { } newest
            )
            {
                var desk = scope.ServiceProvider.GetRequiredService<WeekDesk>();
                await desk.ViewAsync(newest, app.Lifetime.ApplicationStopping);
                var input = (await desk.PlanAsync(newest, app.Lifetime.ApplicationStopping)).Problem.Input;
                for (var k = 0; k < 4 && !app.Lifetime.ApplicationStopping.IsCancellationRequested; k++)
                {
                    Nido.Core.Week.Problem.WeekProblem.Build(input);
                }
            }
        })
);
try
{
    await app.RunAsync();
    return 0;
}
catch (IOException e)
    when (e.InnerException
            is Microsoft.AspNetCore.Connections.AddressInUseException
                or System.Net.Sockets.SocketException
    )
{
    return Faults.Tell(
        new(
            $"Another program answers at {builder.Configuration["urls"] ?? "this address"} already.",
            $"Stop it, or choose another port with NIDO_PORT."
        )
    );
}

/// <summary>Lets tests start the application.</summary>
public partial class Program;
