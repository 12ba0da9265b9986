"""Echo tests, look-ups and traced ways, in the words of eight languages: whom they asked, and what came back."""

import unittest

from tests.core.network_answers import ECHO_COUNTS, ECHO_TESTS, ECHO_TIMES, LOOK_UPS, TRACED_WAYS
from tests.core.readings import told
from yes_tally.core.reading.reader import read

SERVER, NAME = "dns1.lanternsound.example", "keys.lanternsound.example"
MISSING = ("printer9.lanternsound.example", "printer9")
TARGETS = ("10.20.1.1", "gate.lanternsound.example")
CAME_BACK = {"sent": 4, "received": 3, "lost": 1, "best": 0, "average": 0.001, "worst": 0.002}


def said(text, group):
    """What a report says of a kind of item: the facts and values of each item, and nothing else but who printed it."""
    report = read(text.encode())
    items = {}
    others = []
    for reading in report.readings:
        if reading.fact.startswith(f"{group}."):
            field, value = reading.fact.partition(".")[2], reading.value.value
            fields = items.setdefault(reading.item, {})
            # What a list goes on with on the next line may be part of its first reading already.
            whole = fields.get(field, ()) + (value if isinstance(value, tuple) else (value,))
            fields[field] = tuple(dict.fromkeys(whole))
        elif reading.fact != "host.name":
            others.append((reading.fact, reading.value.value))
    return list(items.values()), others


class EchoTests(unittest.TestCase):
    def check(self, language, target, lines):
        text = "\n".join(line.format(target=target) for line in lines)
        with self.subTest(language=language, target=target, lines=len(lines)):
            items, others = said(f"gp-01> {ECHO_TESTS[language][0]} {target}\n{text}\n", "reach")
            self.assertEqual(others, [])
            self.assertEqual(items, [{"target": (target,), **{field: (value,) for field, value in CAME_BACK.items()}}])

    def test_whole_answers(self):
        for language, (_, title, answer, lost, *rest) in ECHO_TESTS.items():
            for target in TARGETS:
                self.check(language, target, (title, answer, answer, answer, lost, "", *rest))

    def test_answers_without_an_empty_line(self):
        for language, (_, title, answer, lost, *rest) in ECHO_TESTS.items():
            self.check(language, TARGETS[0], (title, answer, lost, *rest))

    def test_statistics_alone(self):
        for language, (_, _, _, _, *rest) in ECHO_TESTS.items():
            for target in TARGETS:
                self.check(language, target, rest)

    def test_two_tests_are_two_items(self):
        for language, (command, title, answer, lost, *rest) in ECHO_TESTS.items():
            whole = ""
            for target in TARGETS:
                lines = "\n".join(line.format(target=target) for line in (title, answer, lost, "", *rest))
                whole += f"gp-01> {command} {target}\n{lines}\n\n"
            with self.subTest(language=language):
                items, _ = said(whole, "reach")
                self.assertEqual([item["target"] for item in items], [(target,) for target in TARGETS])

    def test_what_came_back_in_other_words(self):
        for language, wordings in ECHO_COUNTS.items():
            for counts in wordings:
                with self.subTest(language=language, counts=counts):
                    [fields], _ = said(f"nq-ops-02> echo nq-srv-01\n\n{counts}\n", "reach")
                    self.assertEqual(fields, fields | {"sent": (4,), "received": (3,), "lost": (1,)})

    def test_how_long_it_took_in_other_words(self):
        for language, wordings in ECHO_TIMES.items():
            for times in wordings:
                with self.subTest(language=language, times=times):
                    text = f"nq-ops-02> echo nq-srv-01\n\n{ECHO_COUNTS[language][0]}\n{times}\n"
                    [fields], _ = said(text, "reach")
                    took = {"best": (0.00038,), "average": (0.00045,), "worst": (0.00055,)}
                    self.assertEqual(fields, fields | took)


class LookUps(unittest.TestCase):
    def check(self, language, asked, lines, expected):
        text = "\n".join(line.format(server=SERVER, name=NAME, missing=asked) for line in lines)
        with self.subTest(language=language, asked=asked, text=text):
            items, others = said(f"gp-01> {LOOK_UPS[language][0]} {asked}\n{text}\n", "lookup")
            self.assertEqual(others, [])
            self.assertEqual(items, [expected])

    def test_the_servers_address_is_not_the_names(self):
        for language, (_, server, address, name, addresses, *_) in LOOK_UPS.items():
            found = {"name": (NAME,), "server": (SERVER,), "address": ("10.20.0.12", "10.20.0.13")}
            self.check(language, NAME, (server, address, "", name, addresses, "           10.20.0.13"), found)

    def test_a_name_that_the_server_does_not_find(self):
        for language, (_, server, address, _, _, not_found, _) in LOOK_UPS.items():
            for missing in MISSING:
                expected = {"name": (missing,), "server": (SERVER,), "address": ()}
                self.check(language, missing, (server, address, "", not_found), expected)
                self.check(language, missing, (not_found,), expected)

    def test_a_name_that_is_not_found_without_a_server(self):
        for language, (*_, not_found) in LOOK_UPS.items():
            for missing in MISSING:
                self.check(language, missing, (not_found,), {"name": (missing,), "address": ()})

    def test_what_was_not_asked_for_is_no_name(self):
        for language, (command, *_, not_found) in LOOK_UPS.items():
            with self.subTest(language=language):
                items, _ = said(f"gp-01> {command} --quiet\n{not_found.format(missing='settings.toml')}\n", "lookup")
                self.assertEqual(items, [])

    def test_two_look_ups_are_two_items(self):
        for language, (command, server, address, name, addresses, not_found, _) in LOOK_UPS.items():
            answers = (f"gp-01> {command} {NAME}", server, address, "", name, addresses, "")
            missing = (f"gp-01> {command} {MISSING[1]}", server, address, "", not_found)
            text = "\n".join((*answers, *missing)).format(server=SERVER, name=NAME, missing=MISSING[1])
            with self.subTest(language=language):
                items, _ = said(text, "lookup")
                self.assertEqual([item["name"] for item in items], [(NAME,), (MISSING[1],)])


class TracedWays(unittest.TestCase):
    ROWS = (
        "  1    <1 ms    <1 ms     1 ms  10.20.1.1",
        "  2     8 ms     9 ms     8 ms  gw.widenet.example [198.51.100.1]",
        "  3     *        *        *     {silent}",
        "  4    21 ms    20 ms    22 ms  203.0.113.88",
    )

    def test_the_steps_and_where_they_lead(self):
        for language, (command, title, silent, end) in TRACED_WAYS.items():
            for target in ("203.0.113.88", "ledger.lanternsound.example"):
                lines = "\n".join((title, "", *self.ROWS, "", end)).format(target=target, silent=silent)
                with self.subTest(language=language, target=target):
                    steps, others = said(f"gp-01> {command} {target}\n{lines}\n", "hop")
                    self.assertEqual(others, [])
                    self.assertEqual([step["number"] for step in steps], [(1,), (2,), (3,), (4,)])
                    self.assertTrue(all(step["target"] == (target,) for step in steps), steps)
                    self.assertEqual(
                        [step.get("address") for step in steps],
                        [("10.20.1.1",), ("198.51.100.1",), None, ("203.0.113.88",)],
                    )
                    self.assertEqual(steps[1]["worst"], (0.009,))
                    self.assertNotIn("worst", steps[2])


class OtherForms(unittest.TestCase):
    """What is asked and answered in few words."""

    def test_addresses_beside_names(self):
        told, _ = said(f"gp-01> names\nasked {SERVER}\n{NAME}   10.20.0.12\n", "lookup")
        self.assertEqual(told, [{"name": (NAME,), "server": (SERVER,), "address": ("10.20.0.12",)}])

    def test_requests_are_not_the_number_before_them(self):
        text = "gp-01> reach 10.20.0.1\nReply: TTL=64\nRequest timed out.\nsent 2, received 1, lost 1\n"
        told, _ = said(text, "reach")
        self.assertEqual(told, [{"target": ("10.20.0.1",), "sent": (2,), "received": (1,), "lost": (1,)}])

    def test_the_unit_of_one_time_is_that_of_the_others(self):
        for text in (
            "4 sent, 4 received, 0 % lost, average 2 ms (min 1, max 5)", "4 envoyés, 4 reçus, durée moyenne 2 ms (min 1, max 5)",
            "4 gesendet, 4 empfangen, Mittel 2 ms (min. 1, max. 5)",
        ):  # fmt: skip
            told, _ = said(f"gp-01> reach 10.20.0.1\n{text}\n", "reach")
            with self.subTest(text):
                self.assertEqual(
                    [told[0].get(field) for field in ("best", "average", "worst")], [(0.001,), (0.002,), (0.005,)]
                )

    def test_who_was_asked_by_any_name_of_it(self):
        for asked in (
            "Serveur de noms : ",
            "Namensserver: ",
            "Servidor de nombres: ",
            "Server dei nomi: ",
            "Naamserver: ",
            "DNS server: ",
        ):
            told, _ = said(f"gp-01> names {NAME}\n{asked}{SERVER}\n{NAME} has address 10.20.0.12\n", "lookup")
            with self.subTest(asked):
                self.assertEqual(told, [{"name": (NAME,), "server": (SERVER,), "address": ("10.20.0.12",)}])

    def test_an_unknown_name_is_the_one_that_the_command_asks_for(self):
        for asked, unknown in (
            ("Chiesto a:   10.44.2.10 (dns1.quaymaster.example)", "*** nome sconosciuto"),
            ("Asked:  10.44.2.10", "  unknown name"),
            ("Preguntado a: 10.44.2.10", "*** nombre desconocido"),
        ):
            with self.subTest(asked):
                found = told(f"C:\\> lookfor printers.quaymaster.example\n{asked}\n{unknown}\n")
                self.assertEqual(found["lookup#1.name"], "printers.quaymaster.example")
                self.assertEqual(found["lookup#1.server"], "10.44.2.10")
                self.assertEqual(found["lookup#1.address"], ())
                self.assertNotIn("licence.server", found)

    def test_where_a_way_leads_is_asked_by_the_command(self):
        rows = " 1   10.20.1.1   0.4 ms   0.5 ms\n 2   10.50.0.9   4.0 ms   4.2 ms   (files.example)\n"
        told, _ = said(f"gp-01> way to files.example\n{rows}", "hop")
        self.assertEqual([step["target"] for step in told], [("files.example",)] * 2)
        self.assertEqual(told[1]["address"], ("10.50.0.9",))


if __name__ == "__main__":
    unittest.main()
