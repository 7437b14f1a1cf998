namespace Nido.Browser.Tests;

/// <summary>A site in which nothing is yet.</summary>
public sealed class EmptySite(ComposedSite composed) : RunningSite(composed)
{
    protected override bool Demo => false;
}
