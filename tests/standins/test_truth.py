"""The stand-in office: whole, consistent with itself, the same every time, and every report with its truth."""

import json
import unittest
from collections import Counter
from datetime import datetime
from itertools import islice, pairwise

from yes_tally.core.catalogue import DERIVED, FACTS, ITEMS
from yes_tally.core.reading.text.decode import decode
from yes_tally.standins.commands import COMMANDS
from yes_tally.standins.mess import ENDS, Mess, messed
from yes_tally.standins.office import TROUBLES, large_office, office
from yes_tally.standins.printing import DAY, printed_office
from yes_tally.standins.reports import Failed, answer, failed_lines, session_lines, truth_of
from yes_tally.standins.telling import Told

OFFICE = {pc.host: pc for pc in office(8040, DAY)}


class TheMachines(unittest.TestCase):
    def test_the_model_covers_every_fact_that_is_not_derived(self):
        names = {fact for pc in OFFICE.values() for fact in pc.facts}
        names |= {f"{g}.{f}" for pc in OFFICE.values() for g, items in pc.items.items() for item in items for f in item}
        self.assertEqual(names, set(FACTS) - set(DERIVED))

    def test_each_is_consistent_with_itself(self):
        for pc in (*OFFICE.values(), *islice(large_office(400, 5, DAY), 400)):
            with self.subTest(pc.host):
                modules, disks = pc.items["module"], {d["number"]: d for d in pc.items["disk"]}
                self.assertEqual(pc["memory.installed"], sum(m["size"] for m in modules))
                self.assertLess(pc["memory.usable"], pc["memory.installed"])
                self.assertLessEqual(len(modules), pc["memory.slots"])
                self.assertLessEqual(pc["memory.installed"], pc["memory.limit"])
                for volume in pc.items["volume"]:
                    self.assertLess(0, volume["free"])
                    self.assertLess(volume["free"], volume["size"])
                    self.assertIn(volume["disk"], disks)
                ends = [(p["start"], p["start"] + p["size"]) for p in pc.items["partition"]]
                self.assertTrue(all(a[1] <= b[0] for a, b in pairwise(ends)))
                self.assertLess(ends[-1][1], next(iter(disks.values()))["size"])
                self.assertTrue(all(p["running_speed"] <= p["speed"] for p in modules))
                self.assertLess(pc["os.oldest_trace_at"], pc["os.installed_at"])
                self.assertLess(pc["host.booted_at"], DAY)
                for battery in pc.items["battery"]:
                    self.assertAlmostEqual(battery["health"], battery["full"] / battery["design"])
                self.assertEqual(set(pc.items), set(ITEMS))

    def test_the_scenarios_troubles_are_in_it_and_nothing_else_is_wrong(self):
        self.assertEqual({h for h, pc in OFFICE.items() if pc.troubles}, set(TROUBLES))
        self.assertEqual(len(OFFICE), 36)
        doctored = OFFICE["nq-crw-04"]
        self.assertEqual(doctored.claimed("memory.installed"), 2 * doctored["memory.installed"])
        self.assertEqual(OFFICE["nq-dsp-04"]["machine.uuid"], OFFICE["nq-dsp-02"]["machine.uuid"])

    def test_a_large_office_has_no_two_pcs_with_one_identity(self):
        pcs = list(large_office(3000, 9, DAY))
        for identity in ("machine.serial", "machine.uuid", "machine.tag", "host.name"):
            repeated = [v for v, n in Counter(pc[identity] for pc in pcs).items() if n > 1]
            self.assertLess(len(repeated), 30 if identity == "machine.serial" else 1, identity)
        self.assertEqual(len({pc.items["adapter"][0]["mac"][9:] for pc in pcs}), 3000)
        self.assertTrue(any(pc.troubles for pc in pcs))


class ThePrinters(unittest.TestCase):
    def test_together_they_tell_every_fact(self):
        told = {
            truth.fact
            for command in COMMANDS.values()
            for pc in (OFFICE["nq-tkt-02"], OFFICE["nq-crw-01"])
            for line in command.printer(pc)
            for truth in line.truths
        }
        self.assertEqual(set(FACTS) - set(DERIVED) - told, set())
        self.assertEqual({c.language for c in COMMANDS.values()}, {"en", "de", "fr", "es"})
        self.assertTrue(any(c.seconds > 3 for c in COMMANDS.values()))

    def test_each_truth_stands_in_the_line_that_states_it(self):
        for command in COMMANDS.values():
            for pc in OFFICE.values():
                for line in command.printer(pc):
                    self.assertIsInstance(line, Told)
                    self.assertEqual(line, line.rstrip(), command.typed)
                    for truth in line.truths:
                        self.assertIn(truth.fact, FACTS)
                        if truth.item is None:
                            self.assertTrue(
                                truth.printed in line or "&" in truth.printed or "\\" in truth.printed, line
                            )

    def test_rights_releases_and_mistypes_are_refused_as_a_pc_does(self):
        pc, old = OFFICE["nq-tkt-02"], OFFICE["nq-crw-08"]
        self.assertEqual(
            answer(pc, "about licence", administrator=False),
            Failed("about: this needs administrator rights. Nothing was asked.", 5),
        )
        self.assertEqual(answer(old, "hull list").code, 127)
        self.assertEqual(answer(pc, "abuot").text, "abuot: nothing here by that name")
        self.assertEqual(answer(pc, "").code, 127)
        self.assertNotIsInstance(answer(pc, "hull list"), Failed)


class TheReports(unittest.TestCase):
    def test_a_seed_prints_the_same_bytes_every_time_and_another_others(self):
        first = [(r.name, r.data, r.truth_file()) for r in printed_office(3)]
        self.assertEqual(first, [(r.name, r.data, r.truth_file()) for r in printed_office(3)])
        self.assertNotEqual([f[1] for f in first], [r.data for r in printed_office(4)])
        self.assertEqual(json.loads(first[0][2])["encoding"], next(printed_office(3)).truth["encoding"])

    def test_a_line_that_is_named_in_the_truth_is_the_line_that_says_it(self):
        pc = OFFICE["nq-tkt-02"]
        lines = session_lines(pc, ["about system", "about licence"], refused=["about licence"], mistyped="abuot x")
        truth = truth_of(lines, failed_lines(lines))
        build = next(row for row in truth["expect"] if row["fact"] == "os.build")
        self.assertIn(pc["os.build"], lines[build["line"] - 1])
        self.assertEqual([lines[n - 1].split(":")[0] for n in truth["failures"]], ["abuot", "about"])
        self.assertFalse(any(row["fact"].startswith("licence") for row in truth["expect"]))

    def test_every_mess_keeps_what_was_printed_and_where(self):
        pc = OFFICE["nq-dsp-01"]
        lines = session_lines(pc, ["about modules", "wire cards", "hull drivers"])
        for encoding in ("utf-8", "utf-8-sig", "utf-16-le", "utf-16-be", "cp1252", "cp437"):
            for end in ENDS:
                data, stands = messed(lines, Mess(encoding, end))
                self.assertEqual(
                    [line.text for line in decode(data).lines][: len(stands)], list(map(str, stands)), (encoding, end)
                )
        _, narrow = messed(lines, Mess(width=80))
        self.assertEqual("".join(narrow), "".join(lines))
        self.assertTrue(all(len(line) <= 80 for line in narrow))
        self.assertEqual(sum(len(line.truths) for line in narrow), sum(len(line.truths) for line in lines))
        coloured, _ = messed(lines, Mess(coloured=True))
        self.assertIn(b"\x1b[36m", coloured)
        cut, kept = messed(lines, Mess(keep=0.5))
        self.assertLess(len(cut), len(messed(lines, Mess())[0]))
        self.assertEqual(kept, lines[: len(kept)])

    def test_dates_follow_the_day_that_is_given(self):
        later = {pc.host: pc for pc in office(8040, datetime(2026, 7, 5))}
        self.assertGreater(later["nq-drw-03"]["licence.expires_at"], OFFICE["nq-drw-03"]["licence.expires_at"])


if __name__ == "__main__":
    unittest.main()
