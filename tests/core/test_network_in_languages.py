"""Things of the network and of what runs, in eight languages, each told of in words behind what it is called or below it."""

import unittest

from tests.core.network_in_languages import THINGS
from tests.core.readings import told

CALLED = {
    "event": "at", "route": "destination", "neighbour": "address", "process": "pid", "connection": "local", "reach": "target",
    "policy": "subcategory", "lookup": "name",
}  # fmt: skip
# The form of a thing, and what parts the words about it.
FORMS = (
    ("{name}: {words}", ", "), ("{name} - {words}", "; "), ("{name}   {words}", "   "), ("[{name}] {words}", ", "), ("{n}. {name}, {words}", ", "),
    ("{name} -> {words}", ", "), ("{name} ({words})", ", "), ("{name}\n    {words}", ", "), ("{name}\n    {words}", "\n    "), ("* {name}\n    {words}", "; "),
)  # fmt: skip


def _listed(command, things, form, between):
    lines = [
        form.format(n=n, name=name, words=between.join(words for words, _, _ in said))
        for n, (name, _, said) in enumerate(things, 1)
    ]
    return "\n".join([f"gp-1> {command}", *lines])


class NetworkInLanguages(unittest.TestCase):
    def test_each_is_called_and_told_of(self):
        for language, kinds in THINGS.items():
            for kind, (command, things) in kinds.items():
                for form, between in FORMS:
                    with self.subTest(language=language, kind=kind, form=form, between=between):
                        self._assert_told(kind, things, told(_listed(command, things, form, between)))

    def _assert_told(self, kind, things, found):
        for n, (_, called, said) in enumerate(things, 1):
            self.assertEqual(str(found.get(f"{kind}#{n}.{CALLED[kind]}")), called)
            for words, field, value in said:
                read = found.get(f"{kind}#{n}.{field}")
                if value is None:
                    self.assertIsNotNone(read, words)
                else:
                    # A longer text is enough by its beginning.
                    self.assertTrue(str(read).casefold().startswith(value.casefold()), (words, read))

    def test_what_is_not_known_hides_nothing_else(self):
        found = told("gp-1> sockets\n10.20.3.41:52110: to 10.20.1.90:445, red, pid 4120\n0.0.0.0:135: green, pid 884\n")
        self.assertEqual(found["connection#1.remote"], "10.20.1.90:445")
        self.assertEqual((found["connection#1.pid"], found["connection#2.pid"]), ("4120", "884"))

    def test_a_way_is_led_to_and_a_card_goes_out(self):
        found = told(
            "gp-1> routes\n10.20.3.0/24: through eth-a, metric 281\n0.0.0.0/0: through 10.20.3.254, on Office wire\n"
        )
        self.assertEqual(found["route#1.interface"], "eth-a")
        self.assertEqual((found["route#2.gateway"], found["route#2.interface"]), ("10.20.3.254", "Office wire"))

    def test_a_name_that_is_not_found_is_no_failure_of_the_command(self):
        found = told("gp-1> lookup\nfiles.harbour.example: 10.20.1.90\nmail.harbour.example: not found\n")
        self.assertEqual(found["lookup#1.address"], ("10.20.1.90",))
        self.assertEqual(found["lookup#2.address"], ())

    def test_steps_of_a_way_with_any_marks(self):
        forms = (
            "{n}: {a}, {t}",
            "{n} - {a}; {t}",
            "[{n}] {a} | {t}",
            "hop {n}: {a} in {t}",
            "{n} {a} ({t})",
            "{n}. {a} - {t}",
        )
        for form in forms:
            with self.subTest(form=form):
                steps = (("10.20.3.1", "1 ms"), ("10.40.0.7", "4 ms"))
                found = told(
                    "gp-1> trace 10.40.0.7\n"
                    + "\n".join(form.format(n=n, a=a, t=t) for n, (a, t) in enumerate(steps, 1))
                )
                self.assertEqual(found["hop#1.address"], "10.20.3.1")
                self.assertEqual((found["hop#2.number"], found["hop#2.worst"]), (2, 0.004))

    def test_variables_with_any_mark(self):
        for form in (
            "{n}: {v}",
            "{n} - {v}",
            "{n}   {v}",
            "[{n}] {v}",
            "{n} -> {v}",
            "* {n} - {v}",
            "2) {n}, {v}",
            "{n} ({v})",
            '{n} = "{v}"',
        ):
            with self.subTest(form=form):
                lines = [form.format(n=n, v=v) for n, v in (("HARBOUR_HOME", "C:\\Harbour"), ("LANG_UI", "en-GB"))]
                found = told("gp-1> environment\n" + "\n".join(lines))
                self.assertEqual((found["variable#1.name"], found["variable#1.value"]), ("HARBOUR_HOME", "C:\\Harbour"))
                self.assertEqual((found["variable#2.name"], found["variable#2.value"]), ("LANG_UI", "en-GB"))

    def test_an_event_a_part_a_line(self):
        found = told(
            "gp-1> journal\n2025-02-10T08:14:02Z\n  Diskguard\n  ERROR\n  7031\n  The spooler stopped unexpectedly.\n"
            "2025-02-11T17:40:55Z\n  Clockwork\n  WARNING\n  36\n  No time server answered.\n"
        )
        self.assertEqual([found[f"event#1.{f}"] for f in ("source", "level", "id")], ["Diskguard", "ERROR", "7031"])
        self.assertEqual(found["event#2.text"], "No time server answered.")

    def test_echo_answers_told_in_pairs_are_one_test(self):
        found = told(
            "gp-1> echo keys.lanternsound.example\nEcho to keys.lanternsound.example (10.20.0.12) with 32 bytes:\n"
            "answer from 10.20.0.12: time=3 ms\nno answer\nanswer from 10.20.0.12: time=4 ms\nSent: 3, received: 2, lost: 1\n"
        )
        self.assertEqual(found["reach#1.target"], "keys.lanternsound.example")
        self.assertEqual([found[f"reach#1.{f}"] for f in ("sent", "received", "lost")], [3, 2, 1])
        self.assertNotIn("reach#2.target", found)


if __name__ == "__main__":
    unittest.main()
