"""Things of ten kinds in seven languages, as technicians and tools speak of them: what is asked for, and two of each, with
what every clause says of it."""

THINGS = {
    "de": {
        "printer": ("drucker", (
            ('Flurdrucker', (('Treiber Gullwing 4', 'driver', 'Gullwing 4'), ('Anschluss 10.20.1.90:9100', 'port', '10.20.1.90:9100'), ('Standard', 'default', True))),
            ('Etiketten', (('Treiber Strip-O-Matic 2', 'driver', 'Strip-O-Matic 2'), ('Anschluss USB001', 'port', 'USB001'))),
        )),
        "account": ("konten", (
            ('jreiter', (('aktiv', 'enabled', True), ('Administrator', 'admin', True), ('Kennwort gesetzt am 02.11.2024', 'password_set_at', '2024-11-02'), ('zuletzt angemeldet 10.02.2025 08:12', 'last_logon_at', '2025-02-10'))),
            ('gast', (('deaktiviert', 'enabled', False), ('kein Administrator', 'admin', False), ('nie angemeldet', 'last_logon_at', 'never'))),
        )),
        "software": ("programme", (
            ('Kaimeister', (('Version 4.2.1', 'version', '4.2.1'), ('von Laternsund', 'maker', 'Laternsund'), ('installiert am 14.06.2024', 'installed_at', '2024-06-14'))),
            ('Poller Agent', (('Version 2.0.77', 'version', '2.0.77'), ('installiert am 02.01.2025', 'installed_at', '2025-01-02'))),
        )),
        "task": ("aufgaben", (
            ('Nachtkopie', (('aktiviert', 'enabled', True), ('bereit', 'state', 'bereit'), ('letzter Lauf 11.02.2025 01:00', 'last_run_at', '2025-02-11'), ('nächster Lauf 12.02.2025 01:00', 'next_run_at', '2025-02-12'))),
            ('Druckerliste', (('deaktiviert', 'enabled', False), ('letzter Lauf 01.02.2025 03:00', 'last_run_at', '2025-02-01'))),
        )),
        "driver": ("treiber", (
            ('Wickerlink GbE 210', (('Version 12.18.9.23', 'version', '12.18.9.23'), ('vom 19.07.2023', 'dated', '2023-07-19'), ('signiert', 'signed', True))),
            ('Palefire FX 40', (('Version 31.0.15.4417', 'version', '31.0.15.4417'), ('vom 12.11.2024', 'dated', '2024-11-12'), ('nicht signiert', 'signed', False))),
        )),
        "firewall": ("firewall", (
            ('Domäne', (('ein', 'on', True), ('eingehend blockiert', 'inbound', 'block'), ('ausgehend erlaubt', 'outbound', 'allow'))),
            ('Öffentlich', (('aus', 'on', False), ('eingehend erlaubt', 'inbound', 'allow'), ('ausgehend erlaubt', 'outbound', 'allow'))),
        )),
        "volume": ("laufwerke", (
            ('C:', (('Bezeichnung SYSTEM', 'label', 'SYSTEM'), ('HFX2', 'filesystem', 'HFX2'), ('88 GB frei', 'free', None), ('verschlüsselt', 'encrypted', True))),
            ('D:', (('Bezeichnung ARCHIV', 'label', 'ARCHIV'), ('412 GB frei', 'free', None), ('nicht verschlüsselt', 'encrypted', False))),
        )),
        "disk": ("platten", (
            ('Basalt NV1000', (('931,5 GB', 'size', None), ('NVMe', 'bus', 'NVMe'), ('Seriennummer BNV1K0044127', 'serial', 'BNV1K0044127'), ('fehlerfrei', 'health', 'good'))),
            ('Shale 2T', (('1863 GB', 'size', None), ('SATA', 'bus', 'SATA'), ('Seriennummer SH2T-00918', 'serial', 'SH2T-00918'), ('Warnung', 'health', 'warning'))),
        )),
        "adapter": ("netzkarten", (
            ('Wickerlink GbE 210', (('kabelgebunden', 'kind', 'wired'), ('verbunden', 'connected', True), ('MAC 3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'))),
            ('Ternwave AX 20', (('drahtlos', 'kind', 'wireless'), ('nicht verbunden', 'connected', False), ('MAC 3c:5a:b4:10:77:e3', 'mac', '3c:5a:b4:10:77:e3'))),
        )),
        "update": ("aktualisierungen", (
            ('HU-24117', (('Winterpaket', 'title', 'Winterpaket'), ('installiert am 03.12.2024', 'installed_at', '2024-12-03'))),
            ('HU-25006', (('Sicherheit beim Drucken', 'title', 'Sicherheit beim Drucken'), ('installiert am 14.01.2025', 'installed_at', '2025-01-14'))),
        )),
    },
    "fr": {
        "printer": ("imprimantes", (
            ('Imprimante du quai', (('pilote Gullwing 4', 'driver', 'Gullwing 4'), ('port 10.20.1.90:9100', 'port', '10.20.1.90:9100'), ('par défaut', 'default', True))),
            ('Étiquettes', (('pilote Strip-O-Matic 2', 'driver', 'Strip-O-Matic 2'), ('port USB001', 'port', 'USB001'))),
        )),
        "account": ("comptes", (
            ('jreiter', (('activé', 'enabled', True), ('administrateur', 'admin', True), ('mot de passe défini le 02/11/2024', 'password_set_at', '2024-11-02'), ('dernière connexion 10/02/2025 08:12', 'last_logon_at', '2025-02-10'))),
            ('invite', (('désactivé', 'enabled', False), ('pas administrateur', 'admin', False), ('jamais connecté', 'last_logon_at', 'never'))),
        )),
        "software": ("logiciels", (
            ('Quaymaster', (('version 4.2.1', 'version', '4.2.1'), ('par Lantern Ferries', 'maker', 'Lantern Ferries'), ('installé le 14/06/2024', 'installed_at', '2024-06-14'))),
            ('Bollard Agent', (('version 2.0.77', 'version', '2.0.77'), ('installé le 02/01/2025', 'installed_at', '2025-01-02'))),
        )),
        "task": ("taches", (
            ('Copie de nuit', (('activée', 'enabled', True), ('prête', 'state', 'prête'), ('dernière exécution 11/02/2025 01:00', 'last_run_at', '2025-02-11'), ('prochaine exécution 12/02/2025 01:00', 'next_run_at', '2025-02-12'))),
            ('Liste imprimantes', (('désactivée', 'enabled', False), ('dernière exécution 01/02/2025 03:00', 'last_run_at', '2025-02-01'))),
        )),
        "driver": ("pilotes", (
            ('Wickerlink GbE 210', (('version 12.18.9.23', 'version', '12.18.9.23'), ('du 19/07/2023', 'dated', '2023-07-19'), ('signé', 'signed', True))),
            ('Palefire FX 40', (('version 31.0.15.4417', 'version', '31.0.15.4417'), ('du 12/11/2024', 'dated', '2024-11-12'), ('non signé', 'signed', False))),
        )),
        "firewall": ("pare-feu", (
            ('Domaine', (('activé', 'on', True), ('entrant bloqué', 'inbound', 'block'), ('sortant autorisé', 'outbound', 'allow'))),
            ('Public', (('désactivé', 'on', False), ('entrant autorisé', 'inbound', 'allow'), ('sortant autorisé', 'outbound', 'allow'))),
        )),
        "volume": ("volumes", (
            ('C:', (('nom SYSTEM', 'label', 'SYSTEM'), ('HFX2', 'filesystem', 'HFX2'), ('88 Go libres', 'free', None), ('chiffré', 'encrypted', True))),
            ('D:', (('nom ARCHIVE', 'label', 'ARCHIVE'), ('412 Go libres', 'free', None), ('non chiffré', 'encrypted', False))),
        )),
        "disk": ("disques", (
            ('Basalt NV1000', (('931,5 Go', 'size', None), ('NVMe', 'bus', 'NVMe'), ('n° de série BNV1K0044127', 'serial', 'BNV1K0044127'), ('en bon état', 'health', 'good'))),
            ('Shale 2T', (('1863 Go', 'size', None), ('SATA', 'bus', 'SATA'), ('n° de série SH2T-00918', 'serial', 'SH2T-00918'), ('à surveiller', 'health', 'warning'))),
        )),
        "adapter": ("cartes reseau", (
            ('Wickerlink GbE 210', (('filaire', 'kind', 'wired'), ('connectée', 'connected', True), ('MAC 3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'))),
            ('Ternwave AX 20', (('sans fil', 'kind', 'wireless'), ('non connectée', 'connected', False), ('MAC 3c:5a:b4:10:77:e3', 'mac', '3c:5a:b4:10:77:e3'))),
        )),
        "update": ("mises a jour", (
            ('HU-24117', (('Lot hivernal', 'title', 'Lot hivernal'), ('installée le 03/12/2024', 'installed_at', '2024-12-03'))),
            ('HU-25006', (("Correctif d'impression", 'title', "Correctif d'impression"), ('installée le 14/01/2025', 'installed_at', '2025-01-14'))),
        )),
    },
    "es": {
        "printer": ("impresoras", (
            ('Impresora del muelle', (('controlador Gullwing 4', 'driver', 'Gullwing 4'), ('puerto 10.20.1.90:9100', 'port', '10.20.1.90:9100'), ('predeterminada', 'default', True))),
            ('Etiquetas', (('controlador Strip-O-Matic 2', 'driver', 'Strip-O-Matic 2'), ('puerto USB001', 'port', 'USB001'))),
        )),
        "account": ("cuentas", (
            ('jreiter', (('habilitada', 'enabled', True), ('administrador', 'admin', True), ('contraseña cambiada el 02/11/2024', 'password_set_at', '2024-11-02'), ('último inicio de sesión 10/02/2025 08:12', 'last_logon_at', '2025-02-10'))),
            ('invitado', (('deshabilitada', 'enabled', False), ('sin permisos de administrador', 'admin', False), ('nunca ha iniciado sesión', 'last_logon_at', 'never'))),
        )),
        "software": ("programas", (
            ('Quaymaster', (('versión 4.2.1', 'version', '4.2.1'), ('de Lantern Ferries', 'maker', 'Lantern Ferries'), ('instalado el 14/06/2024', 'installed_at', '2024-06-14'))),
            ('Bollard Agent', (('versión 2.0.77', 'version', '2.0.77'), ('instalado el 02/01/2025', 'installed_at', '2025-01-02'))),
        )),
        "task": ("tareas", (
            ('Copia nocturna', (('habilitada', 'enabled', True), ('lista', 'state', 'lista'), ('última ejecución 11/02/2025 01:00', 'last_run_at', '2025-02-11'), ('próxima ejecución 12/02/2025 01:00', 'next_run_at', '2025-02-12'))),
            ('Lista impresoras', (('deshabilitada', 'enabled', False), ('última ejecución 01/02/2025 03:00', 'last_run_at', '2025-02-01'))),
        )),
        "driver": ("controladores", (
            ('Wickerlink GbE 210', (('versión 12.18.9.23', 'version', '12.18.9.23'), ('del 19/07/2023', 'dated', '2023-07-19'), ('firmado', 'signed', True))),
            ('Palefire FX 40', (('versión 31.0.15.4417', 'version', '31.0.15.4417'), ('del 12/11/2024', 'dated', '2024-11-12'), ('sin firmar', 'signed', False))),
        )),
        "firewall": ("cortafuegos", (
            ('Dominio', (('activado', 'on', True), ('entrante bloqueado', 'inbound', 'block'), ('saliente permitido', 'outbound', 'allow'))),
            ('Público', (('desactivado', 'on', False), ('entrante permitido', 'inbound', 'allow'), ('saliente permitido', 'outbound', 'allow'))),
        )),
        "volume": ("volumenes", (
            ('C:', (('etiqueta SYSTEM', 'label', 'SYSTEM'), ('HFX2', 'filesystem', 'HFX2'), ('88 GB libres', 'free', None), ('cifrado', 'encrypted', True))),
            ('D:', (('etiqueta ARCHIVO', 'label', 'ARCHIVO'), ('412 GB libres', 'free', None), ('sin cifrar', 'encrypted', False))),
        )),
        "disk": ("discos", (
            ('Basalt NV1000', (('931,5 GB', 'size', None), ('NVMe', 'bus', 'NVMe'), ('número de serie BNV1K0044127', 'serial', 'BNV1K0044127'), ('en buen estado', 'health', 'good'))),
            ('Shale 2T', (('1863 GB', 'size', None), ('SATA', 'bus', 'SATA'), ('número de serie SH2T-00918', 'serial', 'SH2T-00918'), ('advertencia', 'health', 'warning'))),
        )),
        "adapter": ("adaptadores", (
            ('Wickerlink GbE 210', (('cableado', 'kind', 'wired'), ('conectado', 'connected', True), ('MAC 3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'))),
            ('Ternwave AX 20', (('inalámbrico', 'kind', 'wireless'), ('no conectado', 'connected', False), ('MAC 3c:5a:b4:10:77:e3', 'mac', '3c:5a:b4:10:77:e3'))),
        )),
        "update": ("actualizaciones", (
            ('HU-24117', (('Paquete de invierno', 'title', 'Paquete de invierno'), ('instalada el 03/12/2024', 'installed_at', '2024-12-03'))),
            ('HU-25006', (('Seguridad de impresión', 'title', 'Seguridad de impresión'), ('instalada el 14/01/2025', 'installed_at', '2025-01-14'))),
        )),
    },
    "pt": {
        "printer": ("impressoras", (
            ('Impressora do cais', (('controlador Gullwing 4', 'driver', 'Gullwing 4'), ('porta 10.20.1.90:9100', 'port', '10.20.1.90:9100'), ('predefinida', 'default', True))),
            ('Etiquetas', (('controlador Strip-O-Matic 2', 'driver', 'Strip-O-Matic 2'), ('porta USB001', 'port', 'USB001'))),
        )),
        "account": ("contas", (
            ('jreiter', (('ativa', 'enabled', True), ('administrador', 'admin', True), ('palavra-passe alterada em 02/11/2024', 'password_set_at', '2024-11-02'), ('último início de sessão 10/02/2025 08:12', 'last_logon_at', '2025-02-10'))),
            ('convidado', (('desativada', 'enabled', False), ('não é administrador', 'admin', False), ('nunca iniciou sessão', 'last_logon_at', 'never'))),
        )),
        "software": ("programas", (
            ('Quaymaster', (('versão 4.2.1', 'version', '4.2.1'), ('da Lantern Ferries', 'maker', 'Lantern Ferries'), ('instalado em 14/06/2024', 'installed_at', '2024-06-14'))),
            ('Bollard Agent', (('versão 2.0.77', 'version', '2.0.77'), ('instalado em 02/01/2025', 'installed_at', '2025-01-02'))),
        )),
        "task": ("tarefas", (
            ('Cópia da noite', (('ativada', 'enabled', True), ('pronta', 'state', 'pronta'), ('última execução 11/02/2025 01:00', 'last_run_at', '2025-02-11'), ('próxima execução 12/02/2025 01:00', 'next_run_at', '2025-02-12'))),
            ('Lista impressoras', (('desativada', 'enabled', False), ('última execução 01/02/2025 03:00', 'last_run_at', '2025-02-01'))),
        )),
        "driver": ("controladores", (
            ('Wickerlink GbE 210', (('versão 12.18.9.23', 'version', '12.18.9.23'), ('de 19/07/2023', 'dated', '2023-07-19'), ('assinado', 'signed', True))),
            ('Palefire FX 40', (('versão 31.0.15.4417', 'version', '31.0.15.4417'), ('de 12/11/2024', 'dated', '2024-11-12'), ('não assinado', 'signed', False))),
        )),
        "firewall": ("firewall", (
            ('Domínio', (('ligado', 'on', True), ('entrada bloqueada', 'inbound', 'block'), ('saída permitida', 'outbound', 'allow'))),
            ('Público', (('desligado', 'on', False), ('entrada permitida', 'inbound', 'allow'), ('saída permitida', 'outbound', 'allow'))),
        )),
        "volume": ("volumes", (
            ('C:', (('nome SYSTEM', 'label', 'SYSTEM'), ('HFX2', 'filesystem', 'HFX2'), ('88 GB livres', 'free', None), ('encriptado', 'encrypted', True))),
            ('D:', (('nome ARQUIVO', 'label', 'ARQUIVO'), ('412 GB livres', 'free', None), ('não encriptado', 'encrypted', False))),
        )),
        "disk": ("discos", (
            ('Basalt NV1000', (('931,5 GB', 'size', None), ('NVMe', 'bus', 'NVMe'), ('número de série BNV1K0044127', 'serial', 'BNV1K0044127'), ('em bom estado', 'health', 'good'))),
            ('Shale 2T', (('1863 GB', 'size', None), ('SATA', 'bus', 'SATA'), ('número de série SH2T-00918', 'serial', 'SH2T-00918'), ('aviso', 'health', 'warning'))),
        )),
        "adapter": ("adaptadores", (
            ('Wickerlink GbE 210', (('com fios', 'kind', 'wired'), ('ligado', 'connected', True), ('MAC 3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'))),
            ('Ternwave AX 20', (('sem fios', 'kind', 'wireless'), ('não ligado', 'connected', False), ('MAC 3c:5a:b4:10:77:e3', 'mac', '3c:5a:b4:10:77:e3'))),
        )),
        "update": ("atualizacoes", (
            ('HU-24117', (('Pacote de inverno', 'title', 'Pacote de inverno'), ('instalada em 03/12/2024', 'installed_at', '2024-12-03'))),
            ('HU-25006', (('Segurança da impressão', 'title', 'Segurança da impressão'), ('instalada em 14/01/2025', 'installed_at', '2025-01-14'))),
        )),
    },
    "it": {
        "printer": ("stampanti", (
            ('Stampante del molo', (('driver Gullwing 4', 'driver', 'Gullwing 4'), ('porta 10.20.1.90:9100', 'port', '10.20.1.90:9100'), ('predefinita', 'default', True))),
            ('Etichette', (('driver Strip-O-Matic 2', 'driver', 'Strip-O-Matic 2'), ('porta USB001', 'port', 'USB001'))),
        )),
        "account": ("utenti", (
            ('jreiter', (('attivo', 'enabled', True), ('amministratore', 'admin', True), ('password impostata il 02/11/2024', 'password_set_at', '2024-11-02'), ('ultimo accesso 10/02/2025 08:12', 'last_logon_at', '2025-02-10'))),
            ('ospite', (('disattivato', 'enabled', False), ('non amministratore', 'admin', False), ('mai entrato', 'last_logon_at', 'never'))),
        )),
        "software": ("programmi", (
            ('Quaymaster', (('versione 4.2.1', 'version', '4.2.1'), ('di Lantern Ferries', 'maker', 'Lantern Ferries'), ('installato il 14/06/2024', 'installed_at', '2024-06-14'))),
            ('Bollard Agent', (('versione 2.0.77', 'version', '2.0.77'), ('installato il 02/01/2025', 'installed_at', '2025-01-02'))),
        )),
        "task": ("attivita", (
            ('Copia notturna', (('attiva', 'enabled', True), ('pronta', 'state', 'pronta'), ('ultima esecuzione 11/02/2025 01:00', 'last_run_at', '2025-02-11'), ('prossima esecuzione 12/02/2025 01:00', 'next_run_at', '2025-02-12'))),
            ('Elenco stampanti', (('disattivata', 'enabled', False), ('ultima esecuzione 01/02/2025 03:00', 'last_run_at', '2025-02-01'))),
        )),
        "driver": ("driver", (
            ('Wickerlink GbE 210', (('versione 12.18.9.23', 'version', '12.18.9.23'), ('del 19/07/2023', 'dated', '2023-07-19'), ('firmato', 'signed', True))),
            ('Palefire FX 40', (('versione 31.0.15.4417', 'version', '31.0.15.4417'), ('del 12/11/2024', 'dated', '2024-11-12'), ('non firmato', 'signed', False))),
        )),
        "firewall": ("firewall", (
            ('Dominio', (('attivo', 'on', True), ('in entrata bloccato', 'inbound', 'block'), ('in uscita consentito', 'outbound', 'allow'))),
            ('Pubblico', (('disattivo', 'on', False), ('in entrata consentito', 'inbound', 'allow'), ('in uscita consentito', 'outbound', 'allow'))),
        )),
        "volume": ("volumi", (
            ('C:', (('etichetta SYSTEM', 'label', 'SYSTEM'), ('HFX2', 'filesystem', 'HFX2'), ('88 GB liberi', 'free', None), ('cifrato', 'encrypted', True))),
            ('D:', (('etichetta ARCHIVIO', 'label', 'ARCHIVIO'), ('412 GB liberi', 'free', None), ('non cifrato', 'encrypted', False))),
        )),
        "disk": ("dischi", (
            ('Basalt NV1000', (('931,5 GB', 'size', None), ('NVMe', 'bus', 'NVMe'), ('numero di serie BNV1K0044127', 'serial', 'BNV1K0044127'), ('in buono stato', 'health', 'good'))),
            ('Shale 2T', (('1863 GB', 'size', None), ('SATA', 'bus', 'SATA'), ('numero di serie SH2T-00918', 'serial', 'SH2T-00918'), ('avviso', 'health', 'warning'))),
        )),
        "adapter": ("schede di rete", (
            ('Wickerlink GbE 210', (('cablata', 'kind', 'wired'), ('connessa', 'connected', True), ('MAC 3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'))),
            ('Ternwave AX 20', (('senza fili', 'kind', 'wireless'), ('non connessa', 'connected', False), ('MAC 3c:5a:b4:10:77:e3', 'mac', '3c:5a:b4:10:77:e3'))),
        )),
        "update": ("aggiornamenti", (
            ('HU-24117', (('Pacchetto invernale', 'title', 'Pacchetto invernale'), ('installato il 03/12/2024', 'installed_at', '2024-12-03'))),
            ('HU-25006', (('Sicurezza di stampa', 'title', 'Sicurezza di stampa'), ('installato il 14/01/2025', 'installed_at', '2025-01-14'))),
        )),
    },
    "nl": {
        "printer": ("printers", (
            ('Kadeprinter', (('stuurprogramma Gullwing 4', 'driver', 'Gullwing 4'), ('poort 10.20.1.90:9100', 'port', '10.20.1.90:9100'), ('standaard', 'default', True))),
            ('Etiketten', (('stuurprogramma Strip-O-Matic 2', 'driver', 'Strip-O-Matic 2'), ('poort USB001', 'port', 'USB001'))),
        )),
        "account": ("gebruikers", (
            ('jreiter', (('ingeschakeld', 'enabled', True), ('beheerder', 'admin', True), ('wachtwoord ingesteld op 02-11-2024', 'password_set_at', '2024-11-02'), ('laatste aanmelding 10-02-2025 08:12', 'last_logon_at', '2025-02-10'))),
            ('gast', (('uitgeschakeld', 'enabled', False), ('geen beheerder', 'admin', False), ('nooit aangemeld', 'last_logon_at', 'never'))),
        )),
        "software": ("programmas", (
            ('Quaymaster', (('versie 4.2.1', 'version', '4.2.1'), ('van Lantern Ferries', 'maker', 'Lantern Ferries'), ('geïnstalleerd op 14-06-2024', 'installed_at', '2024-06-14'))),
            ('Bollard Agent', (('versie 2.0.77', 'version', '2.0.77'), ('geïnstalleerd op 02-01-2025', 'installed_at', '2025-01-02'))),
        )),
        "task": ("taken", (
            ('Nachtkopie', (('ingeschakeld', 'enabled', True), ('gereed', 'state', 'gereed'), ('laatste run 11-02-2025 01:00', 'last_run_at', '2025-02-11'), ('volgende run 12-02-2025 01:00', 'next_run_at', '2025-02-12'))),
            ('Printerlijst', (('uitgeschakeld', 'enabled', False), ('laatste run 01-02-2025 03:00', 'last_run_at', '2025-02-01'))),
        )),
        "driver": ("stuurprogrammas", (
            ('Wickerlink GbE 210', (('versie 12.18.9.23', 'version', '12.18.9.23'), ('van 19-07-2023', 'dated', '2023-07-19'), ('ondertekend', 'signed', True))),
            ('Palefire FX 40', (('versie 31.0.15.4417', 'version', '31.0.15.4417'), ('van 12-11-2024', 'dated', '2024-11-12'), ('niet ondertekend', 'signed', False))),
        )),
        "firewall": ("firewall", (
            ('Domein', (('aan', 'on', True), ('inkomend geblokkeerd', 'inbound', 'block'), ('uitgaand toegestaan', 'outbound', 'allow'))),
            ('Openbaar', (('uit', 'on', False), ('inkomend toegestaan', 'inbound', 'allow'), ('uitgaand toegestaan', 'outbound', 'allow'))),
        )),
        "volume": ("volumes", (
            ('C:', (('naam SYSTEM', 'label', 'SYSTEM'), ('HFX2', 'filesystem', 'HFX2'), ('88 GB vrij', 'free', None), ('versleuteld', 'encrypted', True))),
            ('D:', (('naam ARCHIEF', 'label', 'ARCHIEF'), ('412 GB vrij', 'free', None), ('niet versleuteld', 'encrypted', False))),
        )),
        "disk": ("schijven", (
            ('Basalt NV1000', (('931,5 GB', 'size', None), ('NVMe', 'bus', 'NVMe'), ('serienummer BNV1K0044127', 'serial', 'BNV1K0044127'), ('in orde', 'health', 'good'))),
            ('Shale 2T', (('1863 GB', 'size', None), ('SATA', 'bus', 'SATA'), ('serienummer SH2T-00918', 'serial', 'SH2T-00918'), ('waarschuwing', 'health', 'warning'))),
        )),
        "adapter": ("netwerkkaarten", (
            ('Wickerlink GbE 210', (('bekabeld', 'kind', 'wired'), ('verbonden', 'connected', True), ('MAC 3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'))),
            ('Ternwave AX 20', (('draadloos', 'kind', 'wireless'), ('niet verbonden', 'connected', False), ('MAC 3c:5a:b4:10:77:e3', 'mac', '3c:5a:b4:10:77:e3'))),
        )),
        "update": ("updates", (
            ('HU-24117', (('Winterpakket', 'title', 'Winterpakket'), ('geïnstalleerd op 03-12-2024', 'installed_at', '2024-12-03'))),
            ('HU-25006', (('Beveiliging bij afdrukken', 'title', 'Beveiliging bij afdrukken'), ('geïnstalleerd op 14-01-2025', 'installed_at', '2025-01-14'))),
        )),
    },
    "pl": {
        "printer": ("drukarki", (
            ('Drukarka nabrzeża', (('sterownik Gullwing 4', 'driver', 'Gullwing 4'), ('port 10.20.1.90:9100', 'port', '10.20.1.90:9100'), ('domyślna', 'default', True))),
            ('Etykiety', (('sterownik Strip-O-Matic 2', 'driver', 'Strip-O-Matic 2'), ('port USB001', 'port', 'USB001'))),
        )),
        "account": ("konta", (
            ('jreiter', (('włączone', 'enabled', True), ('administrator', 'admin', True), ('hasło ustawione 02.11.2024', 'password_set_at', '2024-11-02'), ('ostatnie logowanie 10.02.2025 08:12', 'last_logon_at', '2025-02-10'))),
            ('gosc', (('wyłączone', 'enabled', False), ('bez praw administratora', 'admin', False), ('nigdy się nie logował', 'last_logon_at', 'never'))),
        )),
        "software": ("programy", (
            ('Quaymaster', (('wersja 4.2.1', 'version', '4.2.1'), ('wydawca Lantern Ferries', 'maker', 'Lantern Ferries'), ('zainstalowano 14.06.2024', 'installed_at', '2024-06-14'))),
            ('Bollard Agent', (('wersja 2.0.77', 'version', '2.0.77'), ('zainstalowano 02.01.2025', 'installed_at', '2025-01-02'))),
        )),
        "task": ("zadania", (
            ('Kopia nocna', (('włączone', 'enabled', True), ('gotowe', 'state', 'gotowe'), ('ostatnie uruchomienie 11.02.2025 01:00', 'last_run_at', '2025-02-11'), ('następne uruchomienie 12.02.2025 01:00', 'next_run_at', '2025-02-12'))),
            ('Lista drukarek', (('wyłączone', 'enabled', False), ('ostatnie uruchomienie 01.02.2025 03:00', 'last_run_at', '2025-02-01'))),
        )),
        "driver": ("sterowniki", (
            ('Wickerlink GbE 210', (('wersja 12.18.9.23', 'version', '12.18.9.23'), ('z 19.07.2023', 'dated', '2023-07-19'), ('podpisany', 'signed', True))),
            ('Palefire FX 40', (('wersja 31.0.15.4417', 'version', '31.0.15.4417'), ('z 12.11.2024', 'dated', '2024-11-12'), ('niepodpisany', 'signed', False))),
        )),
        "firewall": ("zapora", (
            ('Domena', (('włączona', 'on', True), ('przychodzące blokowane', 'inbound', 'block'), ('wychodzące dozwolone', 'outbound', 'allow'))),
            ('Publiczny', (('wyłączona', 'on', False), ('przychodzące dozwolone', 'inbound', 'allow'), ('wychodzące dozwolone', 'outbound', 'allow'))),
        )),
        "volume": ("woluminy", (
            ('C:', (('etykieta SYSTEM', 'label', 'SYSTEM'), ('HFX2', 'filesystem', 'HFX2'), ('88 GB wolne', 'free', None), ('zaszyfrowany', 'encrypted', True))),
            ('D:', (('etykieta ARCHIWUM', 'label', 'ARCHIWUM'), ('412 GB wolne', 'free', None), ('niezaszyfrowany', 'encrypted', False))),
        )),
        "disk": ("dyski", (
            ('Basalt NV1000', (('931,5 GB', 'size', None), ('NVMe', 'bus', 'NVMe'), ('numer seryjny BNV1K0044127', 'serial', 'BNV1K0044127'), ('sprawny', 'health', 'good'))),
            ('Shale 2T', (('1863 GB', 'size', None), ('SATA', 'bus', 'SATA'), ('numer seryjny SH2T-00918', 'serial', 'SH2T-00918'), ('ostrzeżenie', 'health', 'warning'))),
        )),
        "adapter": ("karty sieciowe", (
            ('Wickerlink GbE 210', (('przewodowa', 'kind', 'wired'), ('połączona', 'connected', True), ('MAC 3c:5a:b4:10:77:e2', 'mac', '3c:5a:b4:10:77:e2'))),
            ('Ternwave AX 20', (('bezprzewodowa', 'kind', 'wireless'), ('niepołączona', 'connected', False), ('MAC 3c:5a:b4:10:77:e3', 'mac', '3c:5a:b4:10:77:e3'))),
        )),
        "update": ("aktualizacje", (
            ('HU-24117', (('Pakiet zimowy', 'title', 'Pakiet zimowy'), ('zainstalowano 03.12.2024', 'installed_at', '2024-12-03'))),
            ('HU-25006', (('Poprawka drukowania', 'title', 'Poprawka drukowania'), ('zainstalowano 14.01.2025', 'installed_at', '2025-01-14'))),
        )),
    },
}  # fmt: skip
