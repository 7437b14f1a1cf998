namespace Nido.Core.Week.Reading;

/// <summary>A share that would fall.</summary>
/// <param name="Child">Name.</param>
/// <param name="Aim">Aim.</param>
/// <param name="With">Percent of the target now.</param>
/// <param name="Without">Percent without the idea.</param>
public sealed record ShareFall(string Child, Aim Aim, int With, int Without);
