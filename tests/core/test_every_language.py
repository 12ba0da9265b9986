"""Every sampled fact, told with the labels of every language: records under a heading, tables, and single facts."""

import unittest

from tests.core.test_every_fact import SAMPLES, SINGLES, expected, rows_of
from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.meaning.language import language_of
from yes_tally.core.reading.phrases import LANGUAGES, glossary, meanings
from yes_tally.core.reading.phrases.elsewhere import is_elsewhere
from yes_tally.core.reading.phrases.glossary import in_english
from yes_tally.core.reading.reader import read
from yes_tally.core.words import choice_of, flag_of

OTHERS = [language for language in LANGUAGES if language != "en"]


# Said with the English word in every language.
SAME_EVERYWHERE = ("stepping",)


def expected_in(labels, group):
    """What the sampled items are, of the fields that have a label."""
    names = {f"{group}.{field}" for field in labels}
    return [{name: value for name, value in item.items() if name in names} for item in expected(group)]


def labels_in(language, group):
    """One label a sampled field, no two the same, as a person would write them."""
    chosen = {}
    for field in SAMPLES[group]:
        if field in SAME_EVERYWHERE:
            continue
        phrases = [p.lstrip("!?") for p in LANGUAGES[language].LABELS.get(f"{group}.{field}", "").split("|")]
        label = next((p for p in phrases if p and p not in chosen.values()), None)
        if label:
            chosen[field] = label
    return {field: label.capitalize() for field, label in chosen.items()}


# Derived, or told by sentences, by the steps of a way, or with the English word.
SAID_OTHERWISE = {
    "visit.age", "visit.reports", "machine.refurbished", "memory.free_slots", "memory.matched", "memory.running_speed",
    "volume.free_share", "hop.target", "hop.best", "hop.worst", "reach.address", "processor.stepping",
}  # fmt: skip


class EveryLanguage(unittest.TestCase):
    maxDiff = None

    def told(self, text, group):
        found = {}
        for reading in read(text.encode()).readings:
            if reading.fact.startswith(f"{group}."):
                found.setdefault(reading.item, {}).setdefault(reading.fact, reading.value.value)
        return list(found.values())

    def test_items_as_records_under_a_heading(self):
        for language in OTHERS:
            for group in SAMPLES.keys() - {"variable"}:  # whose records are lists: name and value side by side
                labels = labels_in(language, group)
                noun = LANGUAGES[language].SUBJECTS[group].split("|")[0].capitalize()
                records = [
                    "\n".join(f"{labels[f]} : {printed}" for f, printed in row.items() if f in labels)
                    for row in rows_of(group)
                ]
                text = f"{noun}\n\n" + "\n\n".join(records) + "\n"
                with self.subTest(language=language, group=group):
                    self.assertEqual(self.told(text, group), expected_in(labels, group), text)

    def test_items_as_a_ruled_table_under_a_heading(self):
        for language in OTHERS:
            for group in SAMPLES:
                labels = labels_in(language, group)
                rows = [labels, *rows_of(group)]
                widths = {field: max(len(row[field]) for row in rows) for field in labels}
                lines = ["  ".join(row[f].ljust(widths[f]) for f in labels).rstrip() for row in rows]
                lines.insert(1, "  ".join("-" * width for width in widths.values()))
                noun = LANGUAGES[language].SUBJECTS[group].split("|")[0].capitalize()
                text = "\n".join([noun, "", *lines, ""])
                with self.subTest(language=language, group=group):
                    self.assertEqual(self.told(text, group), expected_in(labels, group), text)

    def test_single_facts_by_the_phrases_that_need_no_context(self):
        for language in OTHERS:
            for name, (printed, value) in SINGLES.items():
                for phrase in LANGUAGES[language].LABELS[name].split("|"):
                    if phrase[0] == "!":
                        text = f"{phrase[1:].capitalize()}: {printed}\n"
                        found = {r.fact: r.value.value for r in read(text.encode()).readings}
                        with self.subTest(language=language, phrase=phrase):
                            self.assertEqual(found.get(name), value, text)

    def test_every_language_says_every_fact_and_its_own_text_is_known_as_its_own(self):
        for language, module in LANGUAGES.items():
            missing = set(FACTS) - set(module.LABELS) - SAID_OTHERWISE
            self.assertEqual(missing, set(), language)
            labels = [
                line.split("|")[0].lstrip("!?")
                for fact, line in module.LABELS.items()
                if fact.split(".")[0] in ("account", "volume", "firewall")
            ]
            self.assertEqual(language_of("\n".join(labels)), language)
        self.assertEqual(language_of("12 34\nkelp x\n", "de"), "de")


class WordsForValues(unittest.TestCase):
    def test_yes_and_no(self):
        pairs = "yes/no ja/nein oui/non sí/no sim/não sì/no ja/nee tak/nie actif/inactif ligado/desligado acceso/spento encendido/apagado aan/uit ein/aus"
        for pair in pairs.split():
            yes, no = pair.split("/")
            self.assertEqual((flag_of(yes), flag_of(no)), (True, False), pair)

    def test_choices(self):
        cases = {
            ("inbound", ("allow", "block")): "allow autorisé permitido consentito toegestaan dozwolone erlaubt / block bloqué bloqueado bloccato geblokkeerd zablokowane gesperrt",
            ("records", ("none", "success")): "none keine aucun ninguno nenhum nessuno geen brak / success erfolg succès éxito sucesso successo geslaagd sukces",
            ("kind", ("wired", "wireless")): "ethernet kabelgebunden filaire cableado cablato bekabeld przewodowy / wlan drahtlos inalámbrico draadloos bezprzewodowy",
            ("health", ("good", "warning")): "healthy gesund sain sano saudável gezond zdrowy / warning warnung avertissement advertencia avviso waarschuwing ostrzeżenie",
            ("state", ("active", "expired")): "licensed lizenziert valide válida geldig ważna / expired abgelaufen expirée vencida scaduta verlopen wygasła",
            ("channel", ("subscription", "evaluation")): "subscription abonnement suscripción assinatura abbonamento subskrypcja / trial testversion essai evaluación avaliação valutazione proefversie próbna",
        }  # fmt: skip
        for (field, choices), words in cases.items():
            for choice, line in zip(choices, words.split(" / "), strict=True):
                for word in line.split():
                    self.assertEqual(choice_of(field, choices, word), choice, (field, word))


if __name__ == "__main__":
    unittest.main()


class WordByWord(unittest.TestCase):
    """Labels that no phrase has, put into English."""

    def test_words_are_joined_apart_and_turned(self):
        for label, fact in (
            ("Treiberversion", "driver.version"), ("Installationsdatum", "os.installed_at"), ("Prędkość bieżąca", "module.running_speed"),
            ("Démarré depuis", "host.booted_at"), ("Takt (derzeit)", "module.running_speed"), ("Clé de produit", "licence.key_tail"),
            ("Eseguita come", "task.user"), ("Versie van het stuurprogramma", "driver.version"), ("Última conexão", ""),
        ):  # fmt: skip
            facts = {meaning.phrase.fact for meaning in meanings(label)}
            self.assertTrue(fact in facts if fact else not facts, (label, facts))

    def test_every_row_has_a_word_in_every_language_and_no_word_means_everything(self):
        for row in glossary._ROWS.strip().splitlines():
            self.assertEqual(len(row.split("|")), 8, row)
            self.assertTrue(all(cell.strip() for cell in row.split("|")), row)
        for language, entries in glossary._glossaries().items():
            self.assertLessEqual(max(map(len, entries.values())), 6, language)

    def test_nothing_is_made_up_of_words_that_are_half_known(self):
        for label in ("Schnurrbart der Katze", "Numéro du tramway", "x", "", "12", "Name", "a" * 500, "Größe " * 40):
            self.assertEqual([text for text in in_english(label, frozenset()) if "katze" in text or "tram" in text], [])
            self.assertLessEqual(len(in_english(label, frozenset())), 8)

    def test_things_without_facts_are_told_from_those_with(self):
        for label, elsewhere in (("Rule 3", True), ("Dienst", True), ("Usługi", True), ("Services:", True), ("Disk 0", False), ("", False), ("Task", False)):  # fmt: skip
            self.assertEqual(is_elsewhere(label), elsewhere, label)
