"""What the store keeps of collecting: sheets, experience, runs that break off, pinned keys, the vault, hand-in codes."""

import unittest
from datetime import UTC, datetime, timedelta

from tests.stores import empty_store
from yes_tally.records import hand_in_addresses, host_keys, learning, runs, sheets, vault
from yes_tally.records.asking import askings, give_address
from yes_tally.records.assets import NewAsset, add_asset, get_asset
from yes_tally.records.models import HandInAddress, Run, RunCommand, RunPc, Visit, VisitReport
from yes_tally.records.reports import bytes_of
from yes_tally.records.sheets import SheetLine
from yes_tally.records.store import NotThere, Refused, using
from yes_tally.records.understanding import failures_of, understand
from yes_tally.records.visits import enter, get_visit, hand_in, seal_visit


def outcome(printed=b"", failure="", code=0, errors_from=None, took=100):
    return runs.Outcome(
        printed, len(printed) if errors_from is None else errors_from, code, took, failure, failure and "why"
    )


class WithAStore(unittest.TestCase):
    def setUp(self):
        self.path, self.lead = empty_store()
        self.enterContext(using())
        self.assets = [
            add_asset(NewAsset(f"LSF-{n:04}", "counter", "Northquay", "Ticket hall", "", f"nq-tkt-{n:02}"))
            for n in (1, 2, 3)
        ]
        sheets.save(
            "Sheet",
            "Harbour OS",
            [
                SheetLine("about host", "name", seconds=2),
                SheetLine("about system"),
                SheetLine("about licence", rights="administrator"),
            ],
        )
        for asset in self.assets:
            give_address(asset, "127.0.0.1", 2200 + asset.id, "Sheet")
        self.assets = [get_asset(asset.id) for asset in self.assets]

    def start(self, *assets):
        asks = [runs.Ask("about host", 2), runs.Ask("about system", 1)]
        return runs.start("run", [(asset, asks) for asset in assets or self.assets], {"command_seconds": 5}, self.lead)


class Runs(WithAStore):
    def test_commands_stand_slowest_first_and_nothing_is_asked_yet(self):
        (pc, *_) = runs.pcs_of(self.start())
        self.assertEqual(
            [(c.typed, c.state) for c in pc.commands], [("about host", "waiting"), ("about system", "waiting")]
        )

    def test_what_comes_is_one_visit_a_pc_with_its_commands_codes_and_times(self):
        run = self.start()
        pc = runs.pcs_of(run)[0]
        host, system = pc.commands
        runs.pc_starts(pc.id)
        printed = b"Host name: nq-tkt-01\nwarning: slow\n"
        runs.commands_end(
            [(host.id, outcome(printed, errors_from=21, took=2100)), (system.id, outcome(b"Build: 12.0.4417.82\n"))]
        )
        runs.pc_ends(pc.id, "ended")
        (visit,) = Visit.select()
        first, second = visit.reports.order_by(VisitReport.id)
        self.assertEqual(
            (bytes_of(first.report_id), first.command, first.exit_code, first.took_ms, first.errors_from),
            (printed, "about host", 0, 2100, 21),
        )
        self.assertEqual((second.way, second.by.name), ("asked", "Ines Calloway"))
        self.assertEqual(runs.to_understand(), [pc.id])
        runs.understand_pc(pc.id)
        self.assertEqual(runs.to_understand(), [])
        self.assertEqual(get_visit(visit.id).asset_id, self.assets[0].id)

    def test_a_pc_that_names_another_is_left_for_a_person(self):
        pc = runs.pcs_of(self.start())[1]
        sealed = hand_in(b"Host name: nq-tkt-01\nSerial number: VR512345Q\n", "a", "pasted", self.lead)
        entered = enter(sealed.id, sealed.version, self.assets[0].id, self.lead)
        seal_visit(entered.id, entered.version, self.lead)
        runs.commands_end([(pc.commands[0].id, outcome(b"Host name: nq-tkt-01\nSerial number: VR512345Q\n"))])
        runs.pc_ends(pc.id, "ended")
        runs.understand_pc(pc.id)
        self.assertIsNone(RunPc.get_by_id(pc.id).visit.asset_id)

    def test_a_report_that_comes_after_the_visit_was_sealed_opens_another(self):
        pc = runs.pcs_of(self.start())[0]
        host, system = pc.commands
        runs.commands_end([(host.id, outcome(b"Host name: nq-tkt-01\n"))])
        visit = Visit.get()
        entered = enter(visit.id, visit.version, self.assets[0].id, self.lead)
        seal_visit(entered.id, entered.version, self.lead)
        runs.commands_end([(system.id, outcome(b"Build: 12.0.4417.82\n"))])
        self.assertEqual(Visit.select().count(), 2)
        self.assertEqual(get_visit(visit.id).reports.count(), 1)

    def test_the_same_answer_twice_is_one_report_and_two_commands_alike_are_two(self):
        pc = runs.pcs_of(self.start())[0]
        host, system = pc.commands
        for _ in range(2):
            runs.commands_end([(host.id, outcome(b"x: 1\n")), (system.id, outcome(b"x: 1\n"))])
        self.assertEqual([r.command for r in VisitReport.select()], ["about host", "about system"])

    def test_a_command_that_printed_nothing_is_answered_without_a_report(self):
        pc = runs.pcs_of(self.start())[0]
        runs.commands_end([(pc.commands[0].id, outcome(b""))])
        command = RunCommand.get_by_id(pc.commands[0].id)
        self.assertEqual((command.state, command.report_id, Visit.select().count()), ("answered", None, 0))

    def test_after_a_break_the_run_stands_still_and_goes_on_with_the_rest(self):
        run = self.start()
        first, second, _ = runs.pcs_of(run)
        runs.pc_starts(first.id)
        runs.commands_end([(c.id, outcome(b"x: 1\n")) for c in first.commands])
        runs.pc_ends(first.id, "ended")
        runs.pc_starts(second.id)
        runs.commands_end([(second.commands[0].id, outcome(b"x: 2\n"))])
        self.assertEqual(runs.interrupted(), 2)
        self.assertEqual([pc.state for pc in runs.pcs_of(run)], ["ended", "stopped", "stopped"])
        self.assertIsNotNone(Run.get_by_id(run.id).ended_at)
        waiting = runs.again(run)
        self.assertEqual([pc.id for pc in waiting], [pc.id for pc in runs.pcs_of(run)[1:]])
        self.assertEqual([c.state for c in waiting[0].commands], ["answered", "waiting"])
        with self.assertRaises(NotThere):
            runs.again(run, [99999])

    def test_what_failed_first_and_was_answered_later_is_no_failure_any_more(self):
        pc = runs.pcs_of(self.start())[0]
        command = pc.commands[0].id
        runs.commands_end([(command, outcome(b"about: this needs administrator rights.\n", "no-rights", 5))])
        self.assertEqual(len(self.failures(Visit.get())), 1)
        runs.commands_end([(command, outcome(b"Host name: nq-tkt-01\n"))])
        self.assertEqual(self.failures(Visit.get()), ())

    def failures(self, visit):
        understood = understand(visit)
        return failures_of(understood.attached, understood.reports)


class Sheets(WithAStore):
    def test_a_sheet_is_replaced_whole_and_keeps_its_order(self):
        sheets.save("Sheet", "Kelp", [SheetLine("b"), SheetLine("a")])
        self.assertEqual([c.typed for c in sheets.lines_of(sheets.sheet_named("Sheet"))], ["b", "a"])
        self.assertEqual(sheets.counted(), 1)
        with self.assertRaises(NotThere):
            sheets.sheet_named("none such")

    def test_bad_lines_are_refused_with_their_number(self):
        for line, why in (
            (SheetLine(" "), "line 2"),
            (SheetLine("a\nb"), "one line"),
            (SheetLine("x" * 3000), "2000"),
            (SheetLine("a", rights="king"), "king"),
            (SheetLine("a", seconds=-1), "between"),
        ):
            with self.subTest(why), self.assertRaisesRegex(Refused, why):
                sheets.save("Sheet", "", [SheetLine("fine"), line])
        with self.assertRaisesRegex(Refused, "needs a name"):
            sheets.save("  ", "", [])
        self.assertEqual(len(sheets.lines_of(sheets.sheet_named("Sheet"))), 3)

    def test_experience_comes_from_asked_and_from_pasted_reports(self):
        pasted = hand_in(
            b"t@nq-tkt-01 > about system\nBuild: 12.0.4417.82\n\nt@nq-tkt-01 > about licence\nabout: this needs administrator rights.\n",
            "a",
            "pasted",
            self.lead,
        )
        entered = enter(pasted.id, pasted.version, self.assets[0].id, self.lead)
        seal_visit(entered.id, entered.version, self.lead)
        pc = runs.pcs_of(self.start(self.assets[1]))[0]
        runs.commands_end([(pc.commands[1].id, outcome(b"Build: 12.0.4417.82\nEdition: Studio\n", took=700))])
        learning.learn(self.assets[1], VisitReport.select().where(VisitReport.way == "asked"))
        met = sheets.experience()
        system = met["about system"]
        self.assertEqual(
            (set(system.facts), system.pcs, system.seconds, system.asked, system.failed),
            ({"os.build", "os.edition"}, 2, 0.7, 2, 0),
        )
        self.assertEqual((met["about licence"].facts, met["about licence"].failed), ((), 1))
        known = {c.typed: c for c in sheets.known_commands(sheets.sheet_named("Sheet"))}
        self.assertEqual((known["about system"].seconds, known["about host"].seconds), (0.7, 2.0))

    def test_askings_share_a_plan_and_refuse_an_asset_without_a_sheet(self):
        found = askings(self.assets, "sheet", 2)
        self.assertEqual([c.typed for c in found[0].plan.commands], ["about host", "about licence", "about system"])
        self.assertIs(found[0].plan, found[1].plan)
        with self.assertRaisesRegex(Refused, "LSF-0009"):
            askings([add_asset(NewAsset("LSF-0009"))], "sheet", 2)


class KeysAndCodes(WithAStore):
    def test_the_first_key_stays_until_it_is_forgotten(self):
        host_keys.pin("pc", 22, "ssh-ed25519 first")
        host_keys.pin("pc", 22, "ssh-ed25519 second")
        self.assertEqual((host_keys.known("pc", 22), host_keys.known("pc", 23)), ("ssh-ed25519 first", None))
        host_keys.forget("pc", 22)
        self.assertIsNone(host_keys.known("pc", 22))
        with self.assertRaises(NotThere):
            host_keys.forget("pc", 22)

    def test_the_vault_opens_only_with_its_own_key(self):
        saved = vault.save("desk", "svc-desk", {"password": "tide-and-time"}, self.lead)
        self.assertEqual(vault.unseal(saved.id), ("svc-desk", {"password": "tide-and-time"}))
        self.assertNotIn(b"tide-and-time", self.path.read_bytes())
        (self.path.parent / vault.KEY_FILE).unlink()
        with self.assertRaisesRegex(Refused, "not the key"):
            vault.unseal(saved.id)
        for name, user in (("", "a"), ("a", " "), ("desk", "b")):
            with self.assertRaises(Refused):
                vault.save(name, user, {}, self.lead)

    def test_codes_are_readable_stored_as_hashes_and_end(self):
        codes = [hand_in_addresses.open_address(self.lead)[0] for _ in range(50)]
        self.assertEqual(len(set(codes)), 50)
        self.assertFalse(set("".join(codes)) & set("il1o0u8"))
        stored = "".join(row.code_hash for row in HandInAddress.select())
        self.assertFalse(any(code in stored for code in codes))
        who, visit = hand_in_addresses.behind(f" {codes[0].upper()} ")
        self.assertEqual((who.sign_in, visit), ("ines", None))
        past = (datetime.now(UTC) - timedelta(minutes=1)).strftime("%Y-%m-%dT%H:%M:%SZ")
        HandInAddress.update(expires_at=past).execute()
        with self.assertRaises(NotThere):
            hand_in_addresses.behind(codes[0])
        hand_in_addresses.open_address(self.lead)
        self.assertEqual(HandInAddress.select().count(), 1)


if __name__ == "__main__":
    unittest.main()
