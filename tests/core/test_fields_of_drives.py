"""One field of a drive a line (``Encryption of C: on``, ``D: label Archive``), in eight languages."""

import unittest

from tests.core.readings import told

# Size, free, file system, label and encryption, the preposition before a drive, and yes and no.
_WORDS = {
    "en": ("Size", "Free", "File system", "Label", "Encryption", "of", "on", "off"),
    "de": ("Größe", "Frei", "Dateisystem", "Bezeichnung", "Verschlüsselung", "von", "ein", "aus"),
    "fr": ("Taille", "Libre", "Système de fichiers", "Nom", "Chiffrement", "de", "activé", "désactivé"),
    "es": ("Tamaño", "Libre", "Sistema de archivos", "Etiqueta", "Cifrado", "de", "activado", "desactivado"),
    "pt": ("Tamanho", "Livre", "Sistema de ficheiros", "Etiqueta", "Criptografia", "de", "ativada", "desativada"),
    "it": ("Dimensione", "Libero", "File system", "Etichetta", "Crittografia", "di", "attiva", "non attiva"),
    "nl": ("Grootte", "Vrij", "Bestandssysteem", "Label", "Versleuteling", "van", "aan", "uit"),
    "pl": ("Rozmiar", "Wolne", "System plików", "Etykieta", "Szyfrowanie", "na", "włączone", "wyłączone"),
}
_FORMS = (
    "{what} {of} {drive} {said}",
    "{what} ({drive}) ..... {said}",
    "{drive} {what} {said}",
    "{drive} - {what}: {said}",
)
_FIELDS = ("size", "free", "filesystem", "label", "encrypted")
_GB = 1024**3
_SAID = (
    ("C:", {"size": "464 GB", "free": "101 GB", "filesystem": "HFX2", "label": "System", "encrypted": True}),
    ("D:", {"size": "930 GB", "free": "402 GB", "filesystem": "FATX", "label": "Archive", "encrypted": False}),
)


class OneFieldALine(unittest.TestCase):
    def test_every_form_in_every_language(self):
        for language, words in _WORDS.items():
            for form in _FORMS:
                lines, expected = ["nq-a % look"], {}
                for number, (drive, said) in enumerate(_SAID, 1):
                    expected[f"volume#{number}.mount"] = drive
                    for field, what in zip(_FIELDS, words, strict=False):
                        value = said[field]
                        shown = words[6 if value else 7] if isinstance(value, bool) else value
                        lines.append(form.format(what=what, of=words[5], drive=drive, said=shown))
                        size = field in ("size", "free")
                        expected[f"volume#{number}.{field}"] = int(value.split()[0]) * _GB if size else value
                with self.subTest(language=language, form=form):
                    found = told("\n".join(lines))
                    self.assertEqual({key: found[key] for key in found if key.startswith("volume")}, expected)

    def test_what_follows_a_comma_is_more_of_it(self):
        found = told("nq-a % crypt\nEncryption of C: on, 100 %, key kept in TPM\nEncryption of D: off\n")
        self.assertEqual((found.get("volume#1.encrypted"), found.get("volume#2.encrypted")), (True, False))

    def test_checks_and_rows_are_none(self):
        for text in (
            "Check of D: was interrupted on 2025-02-11 03:20.",
            "Disk C: no errors\nDisk D: damaged",
            "Encryption C: yes (100 %), D: no",
        ):
            with self.subTest(text=text):
                fields = {key.partition(".")[2] for key in told(f"nq-a % look\n{text}\n") if key.startswith("volume")}
                self.assertFalse(fields & {"state", "disk", "label"})


if __name__ == "__main__":
    unittest.main()
