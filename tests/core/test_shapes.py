"""Every further layout a PC or a tool may print in; one small report each, in wordings of our own."""

import json
import unittest

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_reader import GIB, MIB, item, told
from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.phrases import LANGUAGES
from yes_tally.core.reading.reader import read
from yes_tally.core.reading.shapes import key_value_columns, paired_columns
from yes_tally.core.reading.text.decode import decode


class Delimited(unittest.TestCase):
    def test_rows_by_any_mark_with_quotes_and_empty_cells(self):
        rows = (
            ("Program", "Version", "Publisher", "Installed on"), ("Tideline Ledger, till edition", "4.2.7", "Tideline", "2024-06-14"),
            ("Pennant Reader", "8.3.1", "", "2023-01-30"),
        )  # fmt: skip
        for mark in (",", ";", "\t", "|"):
            quote = (lambda cell: f'"{cell}"' if "," in cell else cell) if mark == "," else (lambda cell: cell)
            text = "\n".join(mark.join(quote(cell) for cell in row) for row in rows) + "\n"
            found = told(text)
            first, second = item(found, "software#1"), item(found, "software#2")
            self.assertEqual(first["software.name"], "Tideline Ledger, till edition", repr(mark))
            self.assertEqual(first["software.installed_at"], "2024-06-14")
            self.assertEqual((second["software.version"], second.get("software.maker")), ("8.3.1", None))

    def test_a_table_drawn_with_pipes(self):
        text = "| Mount | Label  | Size     | Free     |\n|-------|--------|----------|----------|\n| sys:  | System | 465 GiB  | 60 GiB   |\n"
        self.assertEqual(item(told(text), "volume#1")["volume.free"], 60 * GIB)

    def test_prose_with_commas_is_no_table(self):
        text = "The name, the size, and the place are kept.\nThe maker, the model, and the date are not.\n"
        self.assertEqual(told(text), {})


class KeyAndValueColumns(unittest.TestCase):
    def test_by_a_mark_or_by_gaps_in_every_language(self):
        for key, value in (
            ("Property", "Value"),
            ("Feld", "Wert"),
            ("Champ", "Valeur"),
            ("Campo", "Valor"),
            ("Proprietà", "Valore"),
            ("Veld", "Waarde"),
            ("Pole", "Wartość"),
        ):
            for text in (
                f"{key};{value}\nHost name;NQ-1\nSecure boot;on\nBuild;12.0.4417\n",
                f"{key:<16}{value}\n{'-' * 12:<16}{'-' * 8}\nHost name       NQ-1\nSecure boot     on\nBuild           12.0.4417\n",
            ):
                with self.subTest(text):
                    found = told(text)
                    self.assertEqual((found["host.name"], found["os.build"]), ("NQ-1", "12.0.4417"))
                    self.assertIs(found["firmware.secure_boot"], True)

    def test_sections_units_and_what_every_row_repeats(self):
        found = told(
            "host,section,field,value,unit\nnq-1,processor,name,Kestrel K5-8420,\nnq-1,processor,max clock,4000,MHz\n"
            "nq-1,memory,installed,16384,MB\nnq-1,firmware,version,L52.1.18,\n"
        )
        self.assertEqual(found["host.name"], "nq-1")
        self.assertEqual(found["memory.installed"], 16 * GIB)
        self.assertEqual(found["firmware.version"], "L52.1.18")
        processor = item(found, "processor#1")
        self.assertEqual(
            (processor["processor.name"], processor["processor.max_clock"]), ("Kestrel K5-8420", 4_000_000_000)
        )

    def test_a_column_that_differs_is_said_of_nothing_else(self):
        found = told("Setting;Value;Status\nHost name;NQ-1;ok\nSecure boot;on;failed\n")
        self.assertEqual(set(found), {"host.name", "firmware.secure_boot"})

    def test_variables_and_other_tables_are_left_alone(self):
        for text in (
            "Name;Value\nPATH_EXTRA;C:\\x\nTEMP_X;C:\\y\n",
            "Value\n",
            "Name;Value;Value\na;b;c\nd;e;f\n",
            "value;;\n;;\n;;\n",
            "Property  Value\n",
        ):
            with self.subTest(text):
                self.assertIsNone(key_value_columns.lay_out(decode(text.encode()).lines))


class Trees(unittest.TestCase):
    MACHINE = {
        "host": "gp-wks-02",
        "memory": {"slots": 4, "modules": [{"slot": "A1", "size_mb": 8192, "type": "DDR4"}, {"slot": "A2", "size_mb": 8192, "serial": None}]},
        "disks": [{"model": "Basalt NV500", "serialNumber": "B5-7714-QX", "sizeBytes": 500107862016, "partitions": [{"number": 1, "size": "260 MiB"}]}],
        "networkAdapters": [{"name": "Wickerlink GbE 210", "macAddress": "3c:5a:b4:10:77:e2", "ipv4": ["10.20.1.41", "10.20.1.42"], "dhcpEnabled": True}],
    }  # fmt: skip

    def test_json_in_any_indent(self):
        for indent in (None, 1, 4):
            found = told(json.dumps(self.MACHINE, indent=indent))
            self.assertEqual((found["host.name"], found["memory.slots"]), ("gp-wks-02", 4), indent)
            self.assertEqual(found[("module.size", "module#2")], 8192 * MIB)
            self.assertNotIn(("module.serial", "module#2"), found)
            self.assertEqual(found[("disk.size", "disk#1")], 500107862016)
            self.assertEqual(found[("partition.size", "partition#1")], 260 * MIB)
            self.assertIs(found[("adapter.dhcp", "adapter#1")], True)

    def test_json_lines_and_a_cut_off_end(self):
        lines = "".join(
            json.dumps({"pid": n, "name": f"task {n}", "user": "system", "memory": f"{n} MB"}) + "\n" for n in (1, 2, 3)
        )
        found = told(lines[:-20])
        self.assertEqual(found[("process.name", "process#3")], "task 3")
        self.assertEqual(found[("process.memory", "process#2")], 2 * MIB)

    def test_xml_by_elements_and_attributes(self):
        text = """<?xml version="1.0"?>
<machine>
  <maker>Veldt &amp; Rowe</maker><serialNumber>VR779331Q</serialNumber>
  <drives>
    <disk number="0"><model>Basalt NV500</model><size>500107862016</size></disk>
    <disk number="1"><model>Shale 1T</model></disk>
  </drives>
  <property name="Secure boot">on</property>
</machine>
"""
        found = told(text)
        self.assertEqual((found["machine.maker"], found["machine.serial"]), ("Veldt & Rowe", "VR779331Q"))
        self.assertEqual(found[("disk.model", "disk#2")], "Shale 1T")
        self.assertEqual(found[("disk.size", "disk#1")], 500107862016)
        self.assertIs(found["firmware.secure_boot"], True)

    def test_a_property_list_pairs_its_keys_with_what_follows(self):
        text = "<plist><dict><key>Host name</key><string>nq-crw-01</string><key>Secure boot</key><true/></dict></plist>"
        self.assertEqual(told(text), {"host.name": "nq-crw-01", "firmware.secure_boot": True})

    def test_html_tables_and_definitions_with_rows_that_do_not_end(self):
        text = """<html><head><title>x</title><style>td{}</style></head><body><h2>Printers</h2>
<table><tr><th>Name<th>Port<th>Default
<tr><td>Office &amp; hall<td>USB001<td>yes</table>
<h2>Battery</h2><table><tr><td>Design capacity</td><td>52,000 mWh</td></tr><tr><td>Cycle count</td><td>312</td></tr></table>
<dl><dt>Host name<dd>nq-crw-01</dl></body></html>
"""
        found = told(text)
        self.assertEqual(found[("printer.name", "printer#1")], "Office & hall")
        self.assertIs(found[("printer.default", "printer#1")], True)
        self.assertEqual((found[("battery.design", "battery#1")], found[("battery.cycles", "battery#1")]), (52000, 312))
        self.assertEqual(found["host.name"], "nq-crw-01")

    def test_a_list_with_dashes(self):
        text = "machine:\n  maker: Corrane\nvolumes:\n  - mount: sys:\n    size: 500 GiB\n  - mount: data:\n    size: 100 GiB\n"
        found = told(text)
        self.assertEqual(
            (found[("volume.size", "volume#1")], found[("volume.size", "volume#2")]), (500 * GIB, 100 * GIB)
        )
        self.assertEqual(found["machine.maker"], "Corrane")

    def test_a_section_of_an_ini_file_is_a_heading(self):
        self.assertEqual(
            told("[Firmware]\nVersion = L52.1.18\nDate = 2023-09-04\n"),
            {"firmware.version": "L52.1.18", "firmware.dated": "2023-09-04"},
        )

    @settings(max_examples=100, deadline=None)
    @given(st.text(alphabet='{}[]",:<>/ab1= \n&;', max_size=400))
    def test_broken_trees_break_nothing(self, text):
        for start in ("{", "<a ", "[", ""):
            read((start + text).encode())

    def test_any_depth_over_many_lines_is_read(self):
        """Line by line, since a line as long as all of it would be passed over."""
        for text in (
            '{"a":\n' * 4_000 + '"x": 1', '{"size": 1,\n"disk":\n' * 2_000, "<disk>\n<size>1 GB</size>\n" * 2_000, "[\n" * 4_000 + '"x"',
            "\n".join(" " * n + f"part {n}:" for n in range(1_500)), "\n".join(f"{' ' * n}size: 1 GB\n{' ' * n}disk:" for n in range(1_000)),
        ):  # fmt: skip
            read(text.encode())
        deep = "{" + '"box": {' * 60 + '"host_name": "nq-1", "serial_number": "VR-1-22"' + "}" * 61
        self.assertEqual(told(json.dumps(json.loads(deep), indent=1))["host.name"], "nq-1")

    def test_any_depth_is_bounded(self):
        for text in (
            '{"a":' * 50_000,
            "[" * 50_000 + '"x"',
            "<a>" * 50_000,
            "<a " + "b='c' " * 20_000 + ">",
            '["' + "x" * 200_000,
        ):
            read(text.encode())


class PairedColumns(unittest.TestCase):
    SHEET = """
Maker          Oakmere            Model          Tern 3
Serial         OT6-37390-M        Asset tag      LSF-0004
Processor      Kestrel K5-8420    Cores          6
Last boot      2025-02-12 07:41   Secure boot    on
"""

    def test_labels_and_values_in_turn(self):
        found = told(self.SHEET)
        self.assertEqual(found["machine.maker"], "Oakmere")
        self.assertEqual(found["machine.model"], "Tern 3")
        self.assertEqual((found["machine.serial"], found["machine.tag"]), ("OT6-37390-M", "LSF-0004"))
        self.assertIs(found["firmware.secure_boot"], True)
        self.assertEqual(item(found, "processor#1")["processor.cores"], 6)

    def test_a_table_of_things_is_no_sheet(self):
        rows = "Maker    Model    Serial      Tag\nOakmere  Tern 3   OT6-37390   LSF-0004\nCorrane  Tallow   CRN7K204    LSF-0005\n"
        lines = decode(rows.encode()).lines
        self.assertIsNone(paired_columns.lay_out(lines))

    @given(st.text(alphabet="Maker Serial:0\n", max_size=400))
    @settings(max_examples=60)
    def test_any_text_breaks_nothing(self, text):
        paired_columns.lay_out(decode(text.encode()).lines)


class ThingsElsewhere(unittest.TestCase):
    """Rules, services and groups have names, states and accounts too; none of them is read as something else."""

    def test_rules_and_services_are_known_by_their_labels(self):
        rules = "Name         Direction  Protocol  Port  Action  State\nRemote desk  in         TCP       4100  allow   off\nPrinters     out        TCP       9100  allow   on\n"
        services = "Name: spool\nDisplay name: Spooler\nState: running\nStart type: auto\nAccount: system\n"
        for text in (rules, f"pc-1> firewall rules\n{rules}", services, f"{services}\n{services}"):
            self.assertEqual([r.fact for r in read(text.encode()).readings if r.fact != "host.name"], [], text)

    def test_no_group_is_an_account(self):
        text = "pc-1> groups\nAdministrators   helper\nUsers            counter, helper\n"
        named = {r.value.value for r in read(text.encode()).readings if r.fact == "account.name"}
        self.assertEqual(named, {"helper", "counter"})

    def test_a_heading_that_counts_them(self):
        text = "pc-1> wall\nRules (2 of 212):\n  Nr  Name        State\n   1  Remote desk  off\n   2  Printers     on\n"
        self.assertEqual({r.fact for r in read(text.encode()).readings}, {"host.name"})


class RowsAndWhatGoesOn(unittest.TestCase):
    def test_a_number_of_the_row_is_no_id_beside_one(self):
        text = "pc-1# logtail\n#  when                 source  id   text\n1  2025-02-11 22:14:09  power   41   Off.\n2  2025-02-11 22:13:55  diskd   129  Reset.\n3  2025-02-11 22:13:50  diskd   130  Done.\n"
        self.assertEqual(
            [r.value.value for r in read(text.encode()).readings if r.fact == "event.id"], ["41", "129", "130"]
        )

    def test_a_total_is_no_row(self):
        text = "File             Size      Used\nC:\\pagefile.hos  4096 MB   812 MB\nD:\\pagefile.hos  2048 MB   0 MB\ntotal            6144 MB   812 MB\n"
        found = [r for r in read(text.encode()).readings if r.fact == "page_file.size"]
        self.assertEqual([r.line for r in found], [2, 3])

    def test_a_record_goes_on_over_empty_lines_until_something_is_told_again(self):
        one = "User name      icalloway\nFull name      Ines Calloway\n\nPassword required   Yes\nPassword expires    2025-04-20\n"
        other = "\nUser name      mrolf\nFull name      Mats Rolf\n"
        found = read(f"pc-1> who\n\n{one}{other}".encode()).readings
        names = {r.item: r.value.value for r in found if r.fact == "account.name"}
        expires = next(r for r in found if r.fact == "account.password_expires_at")
        self.assertEqual(names[expires.item], "icalloway")
        self.assertEqual(sorted(names.values()), ["icalloway", "mrolf"])

    def test_clauses_below_an_item_s_line_are_its_own(self):
        text = "pc-1# disks\ndisk 0  Basalt NV1000  s/n BNV1K0077120\n        931.5 GiB, NVMe, SSD, GPT, healthy\ndisk 1  Shale 2T       s/n SH2T-0044910\n        1863.0 GiB, SATA, HDD, MBR\n"
        found = told(text)
        self.assertEqual(item(found, "disk#1")["disk.media"], "ssd")
        self.assertEqual(item(found, "disk#2")["disk.layout"], "mbr")
        self.assertEqual(item(found, "disk#2")["disk.serial"], "SH2T-0044910")

    def test_a_day_and_its_time_in_two_columns_are_one_moment(self):
        text = "Date        Time      Level  Source  Id   Message\n2025-02-11  22:14:09  error  diskd   129  Reset.\n2025-02-11  22:14:11  info   diskd   130  Done.\n"
        self.assertEqual(
            [r.value.value for r in read(text.encode()).readings if r.fact == "event.at"],
            ["2025-02-11T22:14:09", "2025-02-11T22:14:11"],
        )

    def test_what_a_bracket_names_is_told_of_that_adapter(self):
        text = "pc-1> cards\nName                Connection  MAC\nWickerlink GbE 210  Quay-LAN    3C-5A-B4-52-90-10\nTernwave AX 20      Air         3C-5A-B4-52-90-11\n\nGateway: 10.20.7.1 (Air)\n"
        found = read(text.encode()).readings
        names = {r.item: r.value.value for r in found if r.fact == "adapter.connection"}
        self.assertEqual(names[next(r.item for r in found if r.fact == "adapter.gateway")], "Air")

    def test_an_object_within_an_item_s_tells_of_the_item(self):
        card = {
            "name": "Wickerlink GbE 210",
            "mac": "3C5AB4601F02",
            "link": {"up": True, "mbps": 1000},
            "dhcp": {"enabled": True, "server": "10.20.1.2", "until": "2025-02-14T07:30:00"},
        }
        found = read(
            json.dumps({"adapters": [card, {**card, "name": "Ternwave AX 20", "mac": "3C5AB4601F03"}]}).encode()
        ).readings
        self.assertEqual({r.item for r in found}, {"adapter#1", "adapter#2"})
        self.assertIn("adapter.lease_until", {r.fact for r in found})
        self.assertNotIn("licence.server", {r.fact for r in found})


class Wrapped(unittest.TestCase):
    TEXT = """Protocol  Local address            Remote address
State        PID
--------  -----------------------  -----------------------
-----------  ----
tcp       10.20.0.62:50114         10.20.0.12:7443
established  2204
udp       0.0.0.0:6021             *:*
             312
"""

    def test_a_row_cut_into_lines_is_put_together_and_led_back(self):
        report = read(self.TEXT.encode())
        found = {(r.fact, r.item): (r.value.value, r.line) for r in report.readings}
        self.assertEqual(found[("connection.state", "connection#1")], ("established", 6))
        self.assertEqual(found[("connection.pid", "connection#2")], ("312", 8))
        for reading in report.readings:
            line = report.lines[reading.line - 1].text
            self.assertEqual(line[reading.column - 1 : reading.end_column - 1], reading.printed)
        self.assertEqual(report.unread_lines, ())


class Compounds(unittest.TestCase):
    def test_a_value_can_hold_the_fields_of_an_item(self):
        text = "Domain profile   : State ON,  inbound BLOCK, outbound ALLOW\nPublic profile   : State OFF, inbound ALLOW, outbound ALLOW\n"
        found = told(text)
        self.assertEqual(found[("firewall.profile", "firewall#2")], "Public")
        self.assertEqual([found[("firewall.on", f"firewall#{n}")] for n in (1, 2)], [True, False])
        self.assertEqual(found[("firewall.inbound", "firewall#1")], "block")

    def test_rows_under_a_row_belong_to_it(self):
        text = "Category/Subcategory   Setting\nLogon\n  Sign-in              Success and Failure\n  Sign-out             Success\nSystem\n  Integrity            No Auditing\n"
        found = told(text)
        self.assertEqual(found[("policy.category", "policy#2")], "Logon")
        self.assertEqual(found[("policy.subcategory", "policy#3")], "Integrity")
        self.assertEqual([found[("policy.records", f"policy#{n}")] for n in (1, 2, 3)], ["both", "success", "none"])

    def test_a_resolution_is_width_height_and_refresh(self):
        found = told(
            "Graphics adapter #1\n  Name .......... Lumenarc 440\n  Resolution .... 2560 x 1440 at 60 Hz\n  Driver date ... 2024-05-02\n"
        )
        self.assertEqual(
            [found[(f"graphics.{f}", "graphics#1")] for f in ("name", "width", "height", "refresh")],
            ["Lumenarc 440", 2560, 1440, 60],
        )

    def test_variables_are_names_whatever_their_names_mean(self):
        found = told("nq-1$ environment\nCOMPUTER=NQ-DRW-01\nMODEL=none such\nSEARCH_PATH=C:\\Bin;C:\\Tools\n")
        self.assertEqual(found[("variable.name", "variable#1")], "COMPUTER")
        self.assertEqual(found[("search_folder.folder", "search_folder#2")], "C:\\Tools")
        self.assertNotIn("machine.model", found)

    def test_an_echo_test_and_a_traced_way(self):
        text = """gp-1 > reach quay
Asking quay.lanternsound.example [10.20.0.12] with 32 bytes:
4 sent, 3 received, 1 lost
best 2 ms, average 3 ms, worst 14 ms
gp-1 > way quay
  1   1 ms   1 ms   2 ms  10.20.1.1
  2   3 ms    *    13 ms  10.20.0.12
"""
        found = told(text)
        self.assertEqual(
            [found[(f"reach.{f}", "reach#1")] for f in ("target", "sent", "received", "lost")],
            ["quay.lanternsound.example", 4, 3, 1],
        )
        self.assertAlmostEqual(found[("reach.worst", "reach#1")], 0.014)
        self.assertEqual((found[("hop.address", "hop#2")], found[("hop.number", "hop#2")]), ("10.20.0.12", 2))
        self.assertAlmostEqual(found[("hop.worst", "hop#2")], 0.013)

    def test_pairs_beside_an_item_are_its_own(self):
        found = told("DIMM_A1: 16 GB DDR5   S/N: A1F3\nDIMM_A2: empty\nDIMM_B1: 8 GB DDR5   S/N: A1F4\n")
        first, third = item(found, "module#1"), item(found, "module#3")
        self.assertEqual((first["module.slot"], first["module.serial"]), ("A1", "A1F3"))
        self.assertEqual((third["module.slot"], third["module.size"], third["module.serial"]), ("B1", 8 * GIB, "A1F4"))
        self.assertNotIn("machine.serial", found)

    def test_clauses_of_a_socket_tell_of_one_module(self):
        text = "Memory modules\n  - slot 1: 8 GB, DDR4, 3200 MHz, maker: Ostrava\n  - slot 3: 4 GB, DDR4, 2666 MHz, maker: Ibel\n"
        found = told(text)
        self.assertEqual(item(found, "module#1")["module.maker"], "Ostrava")
        self.assertEqual(item(found, "module#2")["module.speed"], 2666)

    def test_a_day_beside_a_version_is_no_version(self):
        for said in ("F12 of 2024-09-30", "F12, 2024-09-30", "F12, released 2024-09-30", "F12 vom 30.09.2024"):
            found = told(f"BIOS version: {said}\n")
            self.assertEqual((found["firmware.version"], found["firmware.dated"]), ("F12", "2024-09-30"), said)
            self.assertNotIn("firmware.maker", found)

    def test_arrows_lead_commands_where_answers_follow_and_items_where_none_do(self):
        found = told(">>> os\nEdition  Pro\n>>> machine\nModel  Fjell 14\n")
        self.assertEqual((found["os.edition"], found["machine.model"]), ("Pro", "Fjell 14"))
        listed = read(b"Machine\n>>> Model: Fjell 14\n>>> Serial number: HW-551\n")
        self.assertFalse([section for section in listed.sections if section.command])

    def test_a_state_for_some_and_another_for_others_is_neither(self):
        self.assertNotIn("firewall.on", told(">>> a\nb\n>>> protection\nFirewall: on for domain, OFF for public\n"))


class NearMisses(unittest.TestCase):
    def test_a_misspelt_label_is_read_in_doubt_where_its_subject_is_spoken_of(self):
        text = "Disk 0\n    Model          Basalt NV500\n    Serail number  B5-7714-QX\n    Capcity        500 GiB\n    Media          solid state\n"
        report = read(text.encode())
        found = {r.fact: (r.value.value, r.confidence) for r in report.readings}
        self.assertEqual(found["disk.serial"][0], "B5-7714-QX")
        self.assertEqual(found["disk.size"][0], 500 * GIB)
        for fact in ("disk.serial", "disk.size"):
            self.assertTrue(0.5 < found[fact][1] < 0.8, found[fact])
        self.assertGreater(found["disk.model"][1], 0.9)

    def test_other_words_are_left_alone(self):
        for text in (
            "Disk 0\n    Model  Shale 1T\n    Sector  512\n    Cereal  oats\n    Modem  none such\n",
            "Hast name: nq-1\n",
            "Motel: Brig 10\nCereal number: 5\n",
        ):
            facts = {r.fact for r in read(text.encode()).readings}
            self.assertLessEqual(facts, {"disk.number", "disk.model"}, text)


class Languages(unittest.TestCase):
    # host, installed memory, an account that is an administrator, last seen, by language
    REPORTS = {
        "German": ("Rechnername: NQ-1\nArbeitsspeicher eingebaut: 8 GB\n\nKonto: ines\nAktiv: ja\nAdministrator: ja\nLetzte Anmeldung: 11.02.2025 07:44\n"),
        "French": ("Nom de l'ordinateur : NQ-1\nMémoire installée : 8 Go\n\nCompte : ines\nActif : oui\nAdministrateur : oui\nDernière connexion : 11/02/2025 07:44\nChangé 20/01/2025\n"),
        "Spanish": ("Nombre del equipo: NQ-1\nMemoria instalada: 8 GB\n\nCuenta: ines\nHabilitada: sí\nAdministrador: sí\nÚltimo inicio de sesión: 11 de febrero de 2025 07:44\n"),
        "Portuguese": ("Nome do computador: NQ-1\nMemória instalada: 8 GB\n\nConta: ines\nAtiva: sim\nAdministrador: sim\nÚltimo acesso: 11 fevereiro 2025 07:44\n"),
        "Italian": ("Nome computer: NQ-1\nMemoria installata: 8,0 GB\n\nUtente: ines\nAbilitato: sì\nAmministratore: sì\nUltimo accesso: 11 febbraio 2025 alle 07:44\n"),
        "Dutch": ("Computernaam: NQ-1\nGeïnstalleerd geheugen: 8 GB\n\nGebruiker: ines\nIngeschakeld: ja\nBeheerder: ja\nLaatste aanmelding: 11 februari 2025 07:44\n"),
        "Polish": ("Nazwa komputera: NQ-1\nPamięć zainstalowana: 8 GB\n\nKonto: ines\nWłączone: tak\nAdministrator: tak\nOstatnie logowanie: 11 lutego 2025 07:44\n"),
    }  # fmt: skip

    def test_say_the_same(self):
        for language, text in self.REPORTS.items():
            found = told(text)
            with self.subTest(language):
                self.assertEqual((found["host.name"], found["memory.installed"]), ("NQ-1", 8 * GIB))
                account = item(found, "account#1")
                self.assertEqual(
                    (account["account.name"], account["account.enabled"], account["account.admin"]),
                    ("ines", True, True),
                )
                self.assertEqual(account["account.last_logon_at"], "2025-02-11T07:44:00")

    def test_every_language_has_a_file_of_its_own_that_says_what_its_words_speak_of(self):
        self.assertEqual(set(LANGUAGES), {"de", "en", "es", "fr", "it", "nl", "pl", "pt"})
        self.assertEqual(len({module.__file__ for module in LANGUAGES.values()}), len(LANGUAGES))
        for language, module in LANGUAGES.items():
            self.assertTrue(module.SUBJECTS and module.LABELS, language)
            self.assertLessEqual(set(module.LABELS), set(FACTS), language)
