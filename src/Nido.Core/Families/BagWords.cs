using Nido.Core.Group.Steps;
using Nido.Core.Ideas;

namespace Nido.Core.Families;

/// <summary>What stands on and in bags for home, in both languages: they lie side by side on one page.</summary>
internal static class BagWords
{
    public static readonly InBoth Readiness = new("Ready to cut and write", "Manos listas para cortar y escribir");
    public static readonly InBoth Sheets = new("sheets to cut, one a day", "hojas para cortar, una al día");
    public static readonly InBoth Lines = new("sheets to draw on, one a day", "hojas para dibujar, una al día");

    public static readonly InBoth EachDay = new(
        "Ten minutes a day for two weeks, at the same time. One day cut, the next day draw.",
        "Diez minutos al día durante dos semanas, a la misma hora. Un día cortar, al otro dibujar."
    );

    public static readonly InBoth AnyCounts = new(
        "Any cut and any line counts. Stop while it is still fun.",
        "Vale cualquier corte y cualquier línea. Paren cuando todavía divierte."
    );

    public static readonly InBoth Tear = new(
        "To tear: hold the sheet tight between your hands while the child tears along the line. Easier: begin the tear. "
            + "Harder: a strip for each finger.",
        "Rasgar: sujeten la hoja tensa entre las manos mientras el niño rasga por la línea. Más fácil: empiecen ustedes. "
            + "Más difícil: una tira para cada dedo."
    );

    public static readonly InBoth Scribble = new(
        "To draw: tape a large sheet of old paper to the table, make one mark, and wait. Easier: together, both hands on the "
            + "crayon. Harder: the sheet on the wall.",
        "Dibujar: peguen a la mesa una hoja grande de papel usado, hagan una marca y esperen. Más fácil: juntos, las manos "
            + "en la cera. Más difícil: la hoja en la pared."
    );

    public static InBoth Cut(LadderStep step) => Doing("To cut", "Cortar", step);

    public static InBoth Draw(LadderStep step) => Doing("To draw", "Dibujar", step);

    public static InBoth WeekOf(Theme theme) =>
        new($"Week bag: {theme.Name.En}", $"Bolsa de la semana: {theme.Name.Es}");

    public static InBoth Way(HomeActivity activity) =>
        new(
            $"{activity.Technique.Name.En}, {activity.Minutes} min. {activity.Way.En}",
            $"{activity.Technique.Name.Es}, {activity.Minutes} min. {activity.Way.Es}"
        );

    public static InBoth Changes(HomeStep step) =>
        new(
            $"Easier: {step.Easier.En}. Harder: {step.Harder.En}.",
            $"Más fácil: {step.Easier.Es}. Más difícil: {step.Harder.Es}."
        );

    private static InBoth Doing(string en, string es, LadderStep step) =>
        new(
            $"{en}: {step.Name.En}. {step.Adult.En} Easier: {step.Easier.En}. Harder: {step.Harder.En}.",
            $"{es}: {step.Name.Es}. {step.Adult.Es} Más fácil: {step.Easier.Es}. Más difícil: {step.Harder.Es}."
        );
}
