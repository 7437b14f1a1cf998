namespace Nido.Core.Paper;

/// <summary>What stands in letters, on bags, on signs and on the pages of a session, in English and Spanish.</summary>
internal static class LetterWords
{
    public static readonly Dictionary<string, (string English, string Spanish)> Texts = new()
    {
        ["thisWeek"] = ("This week: {0}", "Esta semana: {0}"),
        ["letterIs"] = ("Letter {0} {1} — {2}", "Letra {0} {1} — {2}"),
        ["letterIsThere"] = ("Letter {0} {1} — {2}, in Spanish", "Letra {0} {1} — {2}, en inglés"),
        ["numbersTo"] = ("Numbers 1–{0}", "Números 1–{0}"),
        ["wordsToUse"] = ("Words to use", "Palabras para usar"),
        ["questions"] = ("Questions to ask at home", "Preguntas para casa"),
        ["rhyme"] = ("A rhyme of ours", "Una rima nuestra"),
        ["atHome"] = ("Ten minutes at home", "Diez minutos en casa"),
        ["forFamilyOf"] = ("For the family of {0}", "Para la familia de {0}"),
        ["inPlaceOf"] = ("{0} (in place of {1})", "{0} (en lugar de {1})"),
        ["youNeed"] = ("You need: {0}.", "Hace falta: {0}."),
        ["needNothing"] = ("You need nothing for it.", "No hace falta nada."),
        ["nowAndNext"] = ("Now: {0}. Next: {1}.", "Ahora: {0}. Después: {1}."),
        ["nowOnly"] = ("Now: {0}.", "Ahora: {0}."),
        ["whatWeDo"] = ("What we do", "Lo que hacemos"),
        ["weMind"] = ("What we mind, and you may too", "Lo que cuidamos, y en casa también"),
        ["weMindWhy"] = (
            "Every home is different: your own judgement, your child's allergy plan and the labels decide.",
            "Cada casa es distinta: deciden su criterio, el plan de alergias de su hijo y las etiquetas."
        ),
        ["bring"] = (
            "Could you save these for us? Please by {0}",
            "¿Nos guardan estas cosas? Antes del {0}, por favor"
        ),
        ["childCanDo"] = ("Does alone", "Hace solo o sola"),
        ["childComes"] = ("What comes next", "Lo que viene ahora"),
        ["childHelps"] = ("What helps", "Lo que ayuda"),
        ["childLoves"] = ("Likes to stay at", "En lo que le gusta quedarse"),
        ["childSeen"] = ("What we saw", "Lo que vimos"),
        ["childShares"] = ("Aims in these weeks", "Objetivos de estas semanas"),
        ["childShare"] = (
            "{0}: met {1}% of an even share, planned {2}%",
            "{0}: recibido {1} % de una parte igual, previsto {2} %"
        ),
        ["childPictures"] = ("Work", "Trabajos"),
        ["childTowards"] = ("{0}: works towards “{1}”, by {2}", "{0}: camino de «{1}», hasta el {2}"),
        ["childNext"] = ("{0}: next, “{1}”", "{0}: después, «{1}»"),
        ["childStayedOnce"] = ("{0}, {1} minutes", "{0}, {1} minutos"),
        ["childStays"] = ("{0}, {1} minutes in {2} times", "{0}, {1} minutos en {2} veces"),
        ["childNothingElse"] = (
            "An adult of the house chose what stands here. It tells what was seen; it judges nothing.",
            "Un adulto de la casa eligió lo que hay aquí. Cuenta lo que se vio; no juzga nada."
        ),
        ["door"] = ("At the door", "En la puerta"),
        ["onTheTables"] = ("On the tables today", "Hoy en las mesas"),
        ["onThisTable"] = ("On this table", "En esta mesa"),
        ["mayHold"] = ("{0} (may hold)", "{0} (puede contener)"),
        ["onceHeld"] = ("{0} (once held)", "{0} (contuvo antes)"),
        ["noneKnown"] = (
            "None of the listed allergens is known to lie here.",
            "No nos consta aquí ninguno de los alérgenos de las listas."
        ),
        ["tellUs"] = (
            "Please tell us about an allergy before you begin. The label and your family's plan decide.",
            "Díganos una alergia antes de empezar. Deciden la etiqueta y el plan de su familia."
        ),
        ["nobodyOnPaper"] = ("No family gets this letter on paper.", "Ninguna familia recibe esta carta en papel."),
        ["lastWeek"] = ("Our week: {0}", "Nuestra semana: {0}"),
        ["whatWeDid"] = ("What we did", "Lo que hicimos"),
        ["withJoy"] = ("{0} — with joy", "{0} — con alegría"),
        ["whatChildDid"] = ("What we saw of {0}", "Lo que vimos de {0}"),
        ["did.Alone"] = ("{0} — alone", "{0} — sin ayuda"),
        ["did.Shown"] = ("{0} — after it was shown", "{0} — después de verlo"),
        ["did.Hands"] = ("{0} — together with a hand", "{0} — con una mano que ayuda"),
        ["inOwnWords"] = ("In children's words", "En palabras de los niños"),
        ["pictures"] = ("Pictures", "Fotos"),
        ["carryOn"] = ("To carry on with at home", "Para seguir en casa"),
        ["seenNotJudged"] = (
            "It tells what was seen in these days; it judges nothing.",
            "Cuenta lo que se vio estos días; no juzga nada."
        ),
        ["nothingKept"] = ("Nothing was written down about this week yet.", "Todavía no se anotó nada de esta semana."),
        ["bringYours"] = ("From you, please, by {0}", "De su casa, por favor, antes del {0}"),
        ["stillOpen"] = ("A reminder: still open", "Un recordatorio: queda pendiente"),
        ["stillOpenNone"] = ("Nothing is open. Thank you!", "No queda nada pendiente. ¡Gracias!"),
        ["noneAtHome"] = (
            "None at home? Just tell us: there is always another way.",
            "¿No hay en casa? Basta con decirlo: siempre hay otra manera."
        ),
        ["bag.Readiness"] = ("Ready to cut and write", "Manos listas para cortar y escribir"),
        ["bag.Week"] = ("Week bag: {0}", "Bolsa de la semana: {0}"),
        ["sessionOf"] = ("{0} · {1}", "{0} · {1}"),
        ["part.Welcome"] = ("Welcome", "Bienvenida"),
        ["part.Story"] = ("Story", "Cuento"),
        ["part.Rhyme"] = ("Rhyme", "Rima"),
        ["part.Tables"] = ("Tables", "Mesas"),
        ["part.Farewell"] = ("Farewell", "Despedida"),
        ["atTheTable"] = ("Beside your child at this table", "Junto a su hijo en esta mesa"),
        ["youMaySay"] = ("You may say: “{0}”", "Puede decir: «{0}»"),
        ["ageFrom"] = ("From {0}", "Desde {0}"),
        ["sideBySide"] = (
            "Two of different ages side by side: the same things, each with its own line above.",
            "Dos de edades distintas, lado a lado: las mismas cosas, cada uno con su línea de arriba."
        ),
        ["waitFirst"] = (
            "Wait three breaths before you help. Any way of doing it that holds is right.",
            "Espere tres respiros antes de ayudar. Vale cualquier manera que funcione."
        ),
        ["yearsMonths"] = ("{0} {1}", "{0} y {1}"),
        ["years"] = ("{0} years", "{0} años"),
        ["oneYear"] = ("1 year", "1 año"),
        ["months"] = ("{0} months", "{0} meses"),
        ["oneMonth"] = ("1 month", "1 mes"),
        ["kind.session-page"] = ("The session on a page", "La sesión en una página"),
        ["kind.helper-cards"] = ("Cards for helpers", "Tarjetas para acompañantes"),
        ["kind.bag"] = ("A bag for home", "Una bolsa para casa"),
    };
}
