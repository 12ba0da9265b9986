"""What echo tests, look-ups and traced ways print, in the words of eight languages; ``{target}``, ``{server}``, ``{name}``
and ``{missing}`` are filled in by the tests."""

# The command; the title, an answer and a lost one of an echo test; whom its statistics are of, what came back, and the
# times' title and the times.
ECHO_TESTS = {
    "en": (
        "reachtest", "Reaching {target} with 32 bytes:", "Reply from {target}: bytes=32 time<1 ms TTL=64", "Request timed out.",
        "Statistics for {target}:", "    Packets: sent = 4, received = 3, lost = 1 (25% loss),",
        "Round trip times in milliseconds:", "    minimum = 0 ms, maximum = 2 ms, average = 1 ms",
    ),
    "de": (
        "erreichbar", "Erreiche {target} mit 32 Byte:", "Antwort von {target}: Bytes=32 Zeit<1 ms TTL=64",
        "Zeitüberschreitung der Anforderung.", "Statistik für {target}:",
        "    Pakete: Gesendet = 4, Empfangen = 3, Verloren = 1 (25% Verlust),", "Zeiten in Millisekunden:",
        "    Minimum = 0 ms, Maximum = 2 ms, Mittelwert = 1 ms",
    ),
    "fr": (
        "joindre", "Envoi vers {target} de 32 octets :", "Réponse de {target} : octets=32 temps<1 ms TTL=64",
        "Délai d'attente dépassé.", "Statistiques pour {target} :",
        "    Paquets : envoyés = 4, reçus = 3, perdus = 1 (perte 25%),", "Durée des boucles en millisecondes :",
        "    Minimum = 0 ms, Maximum = 2 ms, Moyenne = 1 ms",
    ),
    "es": (
        "alcanza", "Alcanzando {target} con 32 bytes:", "Respuesta desde {target}: bytes=32 tiempo<1 ms TTL=64",
        "Tiempo de espera agotado.", "Estadísticas de {target}:",
        "    Paquetes: enviados = 4, recibidos = 3, perdidos = 1 (25% perdidos),", "Tiempos en milisegundos:",
        "    Mínimo = 0 ms, Máximo = 2 ms, Media = 1 ms",
    ),
    "pt": (
        "alcance", "Alcançando {target} com 32 bytes:", "Resposta de {target}: bytes=32 tempo<1 ms TTL=64",
        "Esgotado o tempo limite.", "Estatísticas de {target}:",
        "    Pacotes: enviados = 4, recebidos = 3, perdidos = 1 (25% de perda),", "Tempos em milissegundos:",
        "    Mínimo = 0 ms, Máximo = 2 ms, Média = 1 ms",
    ),
    "it": (
        "raggiungi", "Raggiungo {target} con 32 byte:", "Risposta da {target}: byte=32 durata<1 ms TTL=64",
        "Richiesta scaduta.", "Statistiche per {target}:",
        "    Pacchetti: trasmessi = 4, ricevuti = 3, persi = 1 (25% persi),", "Tempi in millisecondi:",
        "    Minimo = 0 ms, Massimo = 2 ms, Medio = 1 ms",
    ),
    "nl": (
        "bereik", "Bereik van {target} met 32 bytes:", "Antwoord van {target}: bytes=32 tijd<1 ms TTL=64",
        "Time-out bij opdracht.", "Statistieken voor {target}:",
        "    Pakketten: verzonden = 4, ontvangen = 3, verloren = 1 (25% verlies),",
        "Gemiddelde rondreistijd in milliseconden:", "    minimum = 0 ms, maximum = 2 ms, gemiddelde = 1 ms",
    ),
    "pl": (
        "osiagnij", "Badanie {target} z 32 bajtami danych:", "Odpowiedź z {target}: bajtów=32 czas<1 ms TTL=64",
        "Upłynął limit czasu żądania.", "Statystyka badania dla {target}:",
        "    Pakiety: wysłane = 4, odebrane = 3, utracone = 1 (25% straty),", "Czas w milisekundach:",
        "    Minimum = 0 ms, Maksimum = 2 ms, Średnia = 1 ms",
    ),
}  # fmt: skip

# The command; who was asked and its address, the name and its addresses; that a server does not find a name, and that a
# name is not found.
LOOK_UPS = {
    "en": (
        "lookup", "Server:  {server}", "Address: 10.20.1.53", "Name:    {name}", "Addresses: 10.20.0.12",
        "*** {server} can't find {missing}: no such name", "The name {missing} was not found.",
    ),
    "de": (
        "suche", "Server:  {server}", "Adresse: 10.20.1.53", "Name:    {name}", "Adressen: 10.20.0.12",
        "*** {server} kann {missing} nicht finden: kein solcher Name", "Der Name {missing} wurde nicht gefunden.",
    ),
    "fr": (
        "cherche", "Serveur : {server}", "Adresse : 10.20.1.53", "Nom :     {name}", "Adresses : 10.20.0.12",
        "*** {server} ne trouve pas {missing} : nom inexistant", "Le nom {missing} est introuvable.",
    ),
    "es": (
        "busca", "Servidor: {server}", "Dirección: 10.20.1.53", "Nombre:  {name}", "Direcciones: 10.20.0.12",
        "*** {server} no encuentra {missing}: no existe el nombre", "No se encontró el nombre {missing}.",
    ),
    "pt": (
        "procura", "Servidor: {server}", "Endereço: 10.20.1.53", "Nome:    {name}", "Endereços: 10.20.0.12",
        "*** {server} não encontra {missing}: nome inexistente", "O nome {missing} não foi encontrado.",
    ),
    "it": (
        "cerca", "Server:  {server}", "Indirizzo: 10.20.1.53", "Nome:    {name}", "Indirizzi: 10.20.0.12",
        "*** {server} non trova {missing}: nome inesistente", "Il nome {missing} non è stato trovato.",
    ),
    "nl": (
        "zoek", "Server:  {server}", "Adres: 10.20.1.53", "Naam:    {name}", "Adressen: 10.20.0.12",
        "*** {server} kan {missing} niet vinden: naam bestaat niet", "De naam {missing} is niet gevonden.",
    ),
    "pl": (
        "szukaj", "Serwer:  {server}", "Adres: 10.20.1.53", "Nazwa:    {name}", "Adresy: 10.20.0.12",
        "*** {server} nie może odnaleźć {missing}: nie ma takiej nazwy", "Nie znaleziono nazwy {missing}.",
    ),
}  # fmt: skip

# The command, the title of a traced way, what stands in place of an address that did not answer, and the end.
TRACED_WAYS = {
    "en": ("trace", "Tracing the route to {target}, at most 30 hops:", "no answer", "Trace complete."),
    "de": ("wegspur", "Weg nach {target}, höchstens 30 Schritte:", "keine Antwort", "Ende der Spur."),
    "fr": ("chemin", "Chemin vers {target}, 30 sauts au plus :", "pas de réponse", "Trace terminée."),
    "es": ("traza", "Ruta hasta {target}, 30 saltos como máximo:", "sin respuesta", "Traza completa."),
    "pt": ("rota", "Rota para {target}, no máximo 30 saltos:", "sem resposta", "Rota completa."),
    "it": ("traccia", "Percorso verso {target}, al massimo 30 salti:", "nessuna risposta", "Traccia completata."),
    "nl": ("spoor", "Route naar {target}, hoogstens 30 stappen:", "geen antwoord", "Spoor voltooid."),
    "pl": ("trasa", "Trasa do {target}, najwyżej 30 skoków:", "brak odpowiedzi", "Śledzenie zakończone."),
}

# The last lines of an echo test: what came back, in words and orders of each language, and how long it took.
ECHO_COUNTS = {
    "en": (
        "4 sent, 3 received, 1 lost (25 %)",
        "4 out, 3 back, 1 missing",
        "sent 4, got 3, lost 1",
        "4 asked, 3 answered, 1 unanswered (25 %)",
    ),
    "de": (
        "4 gesendet, 3 empfangen, 1 verloren (25 %)",
        "4 verschickt, 3 zurück, 1 ausgeblieben",
        "4 gefragt, 3 beantwortet, 1 ohne Antwort",
    ),
    "fr": (
        "4 envoyés, 3 reçus, 1 perdu (25 %)",
        "4 émis, 3 revenus, 1 sans réponse",
    ),
    "es": (
        "4 enviados, 3 recibidos, 1 perdido (25 %)",
        "4 mandados, 3 devueltos, 1 sin respuesta",
    ),
    "pt": (
        "4 enviados, 3 recebidos, 1 perdido (25 %)",
        "4 mandados, 3 devolvidos, 1 sem resposta",
    ),
    "it": (
        "4 inviati, 3 ricevuti, 1 perso (25 %)",
        "4 spediti, 3 tornati, 1 senza risposta",
    ),
    "nl": (
        "4 verzonden, 3 ontvangen, 1 verloren (25 %)",
        "4 verstuurd, 3 ontvangen, 1 kwijt (25 %)",
        "4 gestuurd, 3 terug, 1 zonder antwoord",
    ),
    "pl": (
        "4 wysłane, 3 odebrane, 1 utracony (25 %)",
        "wysłano 4, odebrano 3, utracono 1",
        "4 wysłane, 3 wróciły, 1 bez odpowiedzi",
    ),
}
ECHO_TIMES = {
    "en": (
        "shortest 0.38 ms   mean 0.45 ms   longest 0.55 ms",
        "best 0.38 ms, average 0.45 ms, worst 0.55 ms",
        "min 0.38 ms / avg 0.45 ms / max 0.55 ms",
        "fastest 0.38 ms, usual 0.45 ms, slowest 0.55 ms",
    ),
    "de": (
        "kürzeste 0,38 ms   Mittel 0,45 ms   längste 0,55 ms",
        "schnellste 0,38 ms, im Schnitt 0,45 ms, langsamste 0,55 ms",
        "Minimum 0,38 ms, Mittelwert 0,45 ms, Maximum 0,55 ms",
    ),
    "fr": (
        "minimum 0,38 ms, moyenne 0,45 ms, maximum 0,55 ms",
        "plus court 0,38 ms, moyen 0,45 ms, plus long 0,55 ms",
        "meilleur 0,38 ms, moyen 0,45 ms, pire 0,55 ms",
    ),
    "es": (
        "mínimo 0,38 ms, media 0,45 ms, máximo 0,55 ms",
        "más corto 0,38 ms, promedio 0,45 ms, más largo 0,55 ms",
        "mejor 0,38 ms, medio 0,45 ms, peor 0,55 ms",
    ),
    "pt": (
        "mínimo 0,38 ms, média 0,45 ms, máximo 0,55 ms",
        "melhor 0,38 ms, médio 0,45 ms, pior 0,55 ms",
    ),
    "it": (
        "minimo 0,38 ms, medio 0,45 ms, massimo 0,55 ms",
        "più breve 0,38 ms, media 0,45 ms, più lungo 0,55 ms",
    ),
    "nl": (
        "kortst 0,38 ms   gemiddeld 0,45 ms   langst 0,55 ms",
        "kortste 0,38 ms, gemiddelde 0,45 ms, langste 0,55 ms",
        "minimum 0,38 ms, gemiddeld 0,45 ms, maximum 0,55 ms",
    ),
    "pl": (
        "najkrótszy 0,38 ms, średni 0,45 ms, najdłuższy 0,55 ms",
        "minimum 0,38 ms, średnio 0,45 ms, maksimum 0,55 ms",
    ),
}
