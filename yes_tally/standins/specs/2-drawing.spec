spec "Drawing workstation"
for role drawing

must   memory.installed at least 32 GB                      because "Slipway Draft opens whole hulls"
should same speed across module
must   processor.cores at least 8
should processor.clock at least 3.5 GHz
must   every disk: size at least 1 TB

must   os.edition is "Studio"
must   os.build at least 12.0.4417
must   licence.channel is one of volume, subscription
must   licence.state is active
must   licence.expires_at after today + 60 days             because "renewing takes the supplier a month"

must   every volume where kind is fixed: free at least 15% of size
must   some software where name like "Slipway Draft*": version at least 19
must   no software where name like "MagnetPull*"
must   no account where admin is yes and name is not one of "svc-desk", "svc-patch"
must   every firewall: on is yes
