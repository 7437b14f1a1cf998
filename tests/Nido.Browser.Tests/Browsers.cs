using System.Collections.Concurrent;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

[assembly: AssemblyFixture(typeof(Nido.Browser.Tests.Browsers))]

namespace Nido.Browser.Tests;

/// <summary>
/// Headless Chromiums, each with a profile of its own. Starting one costs as much as a whole short test, so one that
/// is done is emptied of all it knows of the site and used again.
/// </summary>
public sealed class Browsers : IDisposable
{
    private static readonly ConcurrentBag<ChromeDriver> Idle = [];
    private static readonly string Profiles = Directory.CreateTempSubdirectory("nido-chromium").FullName;

    internal static ChromeDriver Take() => Idle.TryTake(out var driver) ? driver : Start();

    internal static void Return(ChromeDriver driver)
    {
        try
        {
            driver.ExecuteCdpCommand(
                "Storage.clearDataForOrigin",
                new() { ["origin"] = new Uri(driver.Url).GetLeftPart(UriPartial.Authority), ["storageTypes"] = "all" }
            );
            driver.Navigate().GoToUrl("about:blank");
            Idle.Add(driver);
        }
        catch (WebDriverException)
        {
            // One that does not answer is of no more use.
            driver.Quit();
        }
    }

    public void Dispose()
    {
        foreach (var driver in Idle)
        {
            driver.Quit();
            driver.Dispose();
        }

        Directory.Delete(Profiles, recursive: true);
    }

    private static ChromeDriver Start()
    {
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--hide-scrollbars",
            "--lang=en",
            $"--user-data-dir={Path.Combine(Profiles, Path.GetRandomFileName())}"
        );
        return new(
            ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"),
            options,
            TimeSpan.FromSeconds(60)
        );
    }
}
