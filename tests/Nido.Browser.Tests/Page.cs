using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.UI;

namespace Nido.Browser.Tests;

/// <summary>A window of a headless Chromium that remembers nothing of the tests before, and the few things a person
/// does with it.</summary>
public sealed class Page : IDisposable
{
    private readonly ChromeDriver driver = Browsers.Take();

    public Page(int width = 1280, int height = 800, bool dark = false)
    {
        driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new()
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = false,
            }
        );
        driver.ExecuteCdpCommand(
            "Emulation.setEmulatedMedia",
            new()
            {
                ["features"] = new object[]
                {
                    new Dictionary<string, object>
                    {
                        ["name"] = "prefers-color-scheme",
                        ["value"] = dark ? "dark" : "light",
                    },
                },
            }
        );
    }

    public IJavaScriptExecutor Script => driver;

    public string Address => driver.Url;

    public IWebElement Focused => driver.SwitchTo().ActiveElement();

    public Page Go(string address)
    {
        driver.Navigate().GoToUrl(address);
        return this;
    }

    /// <summary>The first element, as soon as it is there.</summary>
    public IWebElement See(string css) =>
        Until(d => d.FindElements(By.CssSelector(css)).FirstOrDefault(e => e.Displayed), css)!;

    /// <summary>An element that shows exactly this text, as soon as it is there.</summary>
    public IWebElement Named(string tag, string text) =>
        Until(
            d => d.FindElements(By.XPath($"//{tag}[normalize-space()=\"{text}\"]")).FirstOrDefault(e => e.Displayed),
            text
        )!;

    public IReadOnlyList<IWebElement> All(string css) => driver.FindElements(By.CssSelector(css));

    /// <summary>Waits until something is so; elements that vanish meanwhile are looked up again.</summary>
    public T Until<T>(Func<IWebDriver, T> so, string what, int seconds = 40)
    {
        var wait = new WebDriverWait(driver, TimeSpan.FromSeconds(seconds))
        {
            Message = $"waited for {what} on {driver.Url}",
            PollingInterval = TimeSpan.FromMilliseconds(50),
        };
        wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException), typeof(NoSuchElementException));
        return wait.Until(so)!;
    }

    /// <summary>Waits until a week is composed and so; on a slow hour, beside other tests, that takes its time.</summary>
    public void UntilComposed(Func<bool> so) =>
        Until(_ => All("[data-composing]").Count == 0 && so(), "a composed week", seconds: 180);

    public void Click(string css) =>
        Until(
            _ =>
            {
                See(css).Click();
                return true;
            },
            css
        );

    /// <summary>Chooses a file, also where its field is only for a screen reader to be seen.</summary>
    public void Give(string css, string path) =>
        Until(
            d =>
            {
                d.FindElement(By.CssSelector(css)).SendKeys(path);
                return true;
            },
            css
        );

    public void Press(string keys) => new Actions(driver).SendKeys(keys).Perform();

    /// <summary>Texts the board shows, strip by strip.</summary>
    public string[] Strips() =>
        [.. Until(_ => All("[data-strip]").Select(e => e.GetAttribute("data-strip") ?? "").ToArray(), "strips")];

    public string Truth() => Until(_ => See("[data-truth]").Text, "the line of truth");

    /// <summary>What the browser prints of the page, as PDF.</summary>
    public byte[] Printed() => Convert.FromBase64String(driver.Print(new PrintOptions()).AsBase64EncodedString);

    public void Save(string file) => driver.GetScreenshot().SaveAsFile(file);

    public void Dispose() => Browsers.Return(driver);
}
