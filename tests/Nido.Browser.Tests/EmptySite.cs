namespace Nido.Browser.Tests;

/// <summary>A site in which nothing is yet.</summary>
public sealed class EmptySite : RunningSite
{
    protected override bool Demo => false;
}
