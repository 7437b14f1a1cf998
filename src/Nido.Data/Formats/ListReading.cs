namespace Nido.Data.Formats;

/// <summary>A list as read: the good rows are offered, the others explained; nothing is saved yet.</summary>
/// <param name="Good">Rows that can be taken over.</param>
/// <param name="Problems">Everything else.</param>
/// <param name="Encoding">How the text was read, to show where letters look wrong.</param>
public sealed record ListReading<T>(IReadOnlyList<T> Good, IReadOnlyList<RowProblem> Problems, string Encoding);
