using Nido.Core.Making;

namespace Nido.Core.Tests.Making;

/// <summary>What a calculator refuses.</summary>
internal static class Refusals
{
    public static MakingException Of(Action make)
    {
        var refused = Should.Throw<MakingException>(make);
        refused.Allowed.Length.ShouldBeGreaterThan(5);
        return refused;
    }
}
