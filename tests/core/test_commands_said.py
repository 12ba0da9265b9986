"""A script says which command printed what follows, in many ways: it is read as below a prompt."""

import unittest

from tests.core.readings import told
from yes_tally.core.reading.cutting.sections import cut
from yes_tally.core.reading.reader import read
from yes_tally.core.reading.text.decode import decode

OUTPUTS = {
    "about machine": "Maker:  Corrane\nModel:  Tallow 520\nSerial: CRN7K20466\n",
    "disks --all": "No  Model         Size    State\n--  ------------  ------  -----\n0   Basalt NV512  477 GB  good\n1   Shale 1T      932 GB  bad\n",
    "events": "events: access denied\n",
}
WAYS = {
    "by its name": "Command: {}",
    "in quotes": 'cmd="{}"',
    "in German": "Befehl: {}",
    "as its output": "Output of {}:",
    "in French": "Sortie de la commande {} :",
    "while it runs": "Running {} ...",
    "counted": "[{n}/3] {}",
    "counted in words": "{n} of 3: {}",
    "behind an arrow": "--> {}",
    "behind a plus": "+ {}",
    "in a comment": "<!-- {} -->",
    "between ticks": "`{}`",
    "in a prompt of two lines": "┌─[ines@nq-acc-07]─[~]\n└──╼ $ {}",
}


def report(way, between="\n"):
    parts = [way.format(command, n=n) + "\n" + text for n, (command, text) in enumerate(OUTPUTS.items(), 1)]
    return between.join(parts)


def sections(text):
    return [(section.command, section.failure) for section in cut(decode(text.encode()).lines)]


class Said(unittest.TestCase):
    def test_a_report_is_cut_where_a_command_is_said(self):
        wanted = [("about machine", None), ("disks --all", None), ("events", "no-rights")]
        plain = told(report("nq-acc-07> {}"))
        plain.pop("host.name")
        self.assertEqual(len(plain), 11)
        for name, way in WAYS.items():
            for between in ("\n", ""):
                with self.subTest(name, between=between):
                    if way[0] == "┌" and not between:
                        continue
                    text = report(way, between)
                    self.assertEqual([found for found in sections(text) if found[0]], wanted)
                    self.assertEqual(told(text), plain)

    def test_a_command_that_finds_none_of_what_was_asked_for_failed(self):
        for typed, said, failure in (
            ("links eth9", "links: there is no link eth9", "failed"),
            ("karten eth9", "es gibt keine Karte eth9", "failed"),
            ("cartes eth9", "il n'y a pas de carte eth9", "failed"),
            ("volumes Q:", "There is no volume Q: here.", "failed"),
            ("pictur", "pictur ?", "not-found"),
            ("wya", "? wya", "not-found"),
            ("links eth0", "there is no cable in eth0", None),
            ("lookup printer9", "there is no host printer9", None),
            ("secure", "secure boot?", None),
        ):
            with self.subTest(said):
                self.assertEqual(sections(f"nq-a % {typed}\n{said}\n"), [(typed, failure)])
                self.assertFalse(
                    [key for key in told(f"nq-a % {typed}\n{said}\n") if key.startswith("adapter")] and failure
                )

    def test_what_is_told_in_the_same_words_is_no_command(self):
        for name, text in (
            (
                "a record's label",
                "Name: Quaymaster\nCommand: C:\\Quay\\qm.exe /tray\n\nName: Bollard\nCommand: bollard.exe\n",
            ),
            ("a list", "Programs that start:\n+ quaymaster\n+ bollard\n+ tide\n"),
            ("one step of none", "[1/3] disks\nNo  Model\n"),
            ("steps within", "Disks\n[1/3] Basalt NV512\nhealthy\n[2/3] Shale 1T\nfailing\n"),
        ):
            with self.subTest(name):
                self.assertEqual([command for command, _ in sections(text) if command], [])


DOCUMENT = '[\n {"name": "Quaymaster", "version": "4.2.1"},\n {"name": "Bollard Agent", "version": "2.0.77"}\n]\n'
TITLES = (
    "=== Installed software ===",
    "Installed software:",
    "Installed software\n------------------",
    "## Installed software",
)


class DocumentsUnderTitles(unittest.TestCase):
    def test_the_title_says_what_a_document_lists(self):
        for title in TITLES:
            for apart in ("", "\n"):
                with self.subTest(title, apart=apart):
                    found = told(f"{title}\n{apart}{DOCUMENT}")
                    self.assertEqual([found.get(f"software#{n}.version") for n in (1, 2)], ["4.2.1", "2.0.77"])

    def test_each_of_several_is_read_under_its_own(self):
        disks = (
            DOCUMENT.replace("Quaymaster", "Basalt NV512")
            .replace("Bollard Agent", "Shale 1T")
            .replace("version", "size")
        )
        disks = disks.replace("4.2.1", "477 GB").replace("2.0.77", "932 GB")
        for first, second in (
            ("== Disks ==", "== Software =="),
            ("Disks:", "Software:"),
            ("Disks\n-----", "Software\n--------"),
        ):
            with self.subTest(first):
                found = told(f"{first}\n{disks}\n{second}\n{DOCUMENT}")
                self.assertEqual(found["disk#2.model"], "Shale 1T")
                self.assertEqual(found["software#2.name"], "Bollard Agent")
                self.assertEqual(len(found), 8)

    def test_every_line_is_read(self):
        self.assertEqual(read(f"{TITLES[0]}\n{DOCUMENT}".encode()).unread_lines, ())


if __name__ == "__main__":
    unittest.main()
