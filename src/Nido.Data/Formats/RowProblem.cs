using Nido.Core;

namespace Nido.Data.Formats;

/// <summary>What is wrong in a row of a list, and the way out.</summary>
/// <param name="Row">Line of the file, the heading is 1.</param>
/// <param name="Column">Column heading; empty where the whole row is meant.</param>
/// <param name="Value">What stands there.</param>
/// <param name="Message">What is wrong and what to do.</param>
public sealed record RowProblem(int Row, string Column, string Value, Said Message)
{
    private const int MostShown = 80;

    /// <summary>What stands there, cut short.</summary>
    public string Value { get; init; } = Value is { Length: > MostShown } ? $"{Value[..MostShown]}…" : Value;

    /// <summary>What is wrong and what to do, cut short where it says a long value again.</summary>
    public Said Message { get; init; } =
        Message.ToString() is { Length: > 600 } text ? Said.Name($"{text[..600]}…") : Message;
}
