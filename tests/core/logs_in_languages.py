"""What logs of eight languages call what they tell of an event, and the layouts that they print it in."""

# The command; error, warning and critical; the labels of the moment, the level, the source, the number and the text; how a
# day is written; and two messages.
WORDS = {
    "en": (
        "events", ("Error", "Warning", "Critical"), ("When", "Level", "Source", "Event id", "Message"), "%Y-%m-%d",
        ("The device Disk1 has a bad block.", "The display driver stopped answering and has recovered.",
         "The PC started again without having been shut down first."),
    ),
    "de": (
        "ereignisse", ("Fehler", "Warnung", "Kritisch"), ("Zeitpunkt", "Stufe", "Quelle", "Ereignis-ID", "Meldung"), "%d.%m.%Y",
        ("Das Gerät Disk1 hat einen fehlerhaften Block.", "Der Grafiktreiber reagierte nicht mehr und wurde wiederhergestellt.",
         "Der PC startete neu, ohne dass er heruntergefahren wurde."),
    ),
    "fr": (
        "evenements", ("Erreur", "Avertissement", "Critique"), ("Date", "Niveau", "Source", "ID", "Message"), "%d/%m/%Y",
        ("Le périphérique Disk1 a un bloc défectueux.", "Le pilote graphique ne répondait plus et a été rétabli.",
         "Le poste a redémarré sans avoir été arrêté correctement."),
    ),
    "es": (
        "eventos", ("Error", "Advertencia", "Crítico"), ("Fecha", "Nivel", "Origen", "ID", "Mensaje"), "%d/%m/%Y",
        ("El dispositivo Disk1 tiene un bloque defectuoso.", "El controlador de pantalla dejó de responder y se recuperó.",
         "El equipo se reinició sin apagarse correctamente."),
    ),
    "pt": (
        "eventos", ("Erro", "Aviso", "Crítico"), ("Data", "Nível", "Origem", "ID", "Mensagem"), "%d/%m/%Y",
        ("O dispositivo Disk1 tem um bloco defeituoso.", "O controlador gráfico deixou de responder e recuperou.",
         "O computador reiniciou sem ter sido desligado corretamente."),
    ),
    "it": (
        "eventi", ("Errore", "Avviso", "Critico"), ("Data", "Livello", "Origine", "ID", "Messaggio"), "%d/%m/%Y",
        ("Il dispositivo Disk1 ha un blocco difettoso.", "Il driver video non rispondeva più ed è stato ripristinato.",
         "Il computer è stato riavviato senza un arresto corretto."),
    ),
    "nl": (
        "gebeurtenissen", ("Fout", "Waarschuwing", "Kritiek"), ("Tijdstip", "Niveau", "Bron", "ID", "Bericht"), "%d-%m-%Y",
        ("Het apparaat Disk1 heeft een beschadigd blok.", "Het beeldstuurprogramma reageerde niet meer en is hersteld.",
         "De pc is opnieuw gestart zonder eerst te zijn afgesloten."),
    ),
    "pl": (
        "zdarzenia", ("Błąd", "Ostrzeżenie", "Krytyczny"), ("Data", "Poziom", "Źródło", "Identyfikator", "Komunikat"), "%d.%m.%Y",
        ("Urządzenie Disk1 ma uszkodzony blok.", "Sterownik ekranu przestał odpowiadać i został przywrócony.",
         "Komputer uruchomił się ponownie bez wcześniejszego zamknięcia."),
    ),
}  # fmt: skip

# Rows and records: ``at``, ``level``, ``source``, ``id`` and ``text`` of an event, ``n`` its number, and ``l_…`` the labels.
LAYOUTS = {
    "rows": "{at}  {level:<14}  {source:<8}  {id:<5}  {text}",
    "rows, the number first": "{at}  {level:<14}  {id:<5}  {source:<8}  {text}",
    "rows, the level first": "{level:<14}  {at}  {source:<8}  {id:<5}  {text}",
    "rows without a source": "{at}  {level:<14}  {id:<5}  {text}",
    "between bars": "{at} | {level} | {source} | {id} | {text}",
    "between semicolons": "{at}; {level}; {source}; {id}; {text}",
    "as a journal": "[{at}] {level} {source}[{id}]: {text}",
    "the number in brackets": "{at} {level} {source} ({id}): {text}",
    "over the message": "{at}  {level:<14}  {source:<8}  {id}\n    {text}",
    "in words over the message": "{level}, {at}, {source}, {id}\n    {text}",
    "numbered, over pairs": "#{n}  {level:<14}  {at}\n    {l_source}: {source:<12}  {l_id}: {id}\n    {text}",
    "records": "{l_at}: {at}\n{l_level}: {level}\n{l_source}: {source}\n{l_id}: {id}\n{l_text}: {text}\n",
    "records with leaders": "{l_at:.<16} {at}\n{l_level:.<16} {level}\n{l_source:.<16} {source}\n{l_id:.<16} {id}\n{l_text:.<16} {text}\n",
}
HEADS = {
    "a table": ("{l_at:<19}  {l_level:<14}  {l_source:<10}  {l_id:<13}  {l_text}\n", "{at:<19}  {level:<14}  {source:<10}  {id:<13}  {text}"),
    "a ruled table": (
        "{l_at:<19}  {l_level:<14}  {l_source:<10}  {l_id:<13}  {l_text}\n" + "-------------------  --------------  ----------  -------------  -------------------\n",
        "{at:<19}  {level:<14}  {source:<10}  {id:<13}  {text}",
    ),
    "comma-separated": ("{l_at};{l_level};{l_source};{l_id};{l_text}\n", "{at};{level};{source};{id};{text}"),
}  # fmt: skip
