# Starting and stopping what the units say. A machine without systemd, as a container is, runs the same commands by hand.

services='web queue scheduler'

has_systemd() { [ -d /run/systemd/system ]; }

# A setting of a unit, such as ExecStart.
unit_setting() { sed -n "s/^$2=//p" "/etc/systemd/system/moss-week-$1.service"; }

# Runs a command as the application, with what it is allowed.
as_application() { setpriv --reuid moss-week --regid moss-week --groups www-data --inh-caps=-all -- "$@"; }

start_service() {
    local name=$1 command
    if has_systemd; then
        systemctl start "moss-week-$name.service"
        return
    fi
    command=$(unit_setting "$name" ExecStart)
    install -d -o moss-week -g moss-week -m 0755 /run/moss-week
    cd "$(unit_setting "$name" WorkingDirectory)"
    umask "$(unit_setting "$name" UMask)"
    # shellcheck disable=SC2086 # The command of a unit is words.
    setsid setpriv --reuid moss-week --regid moss-week --groups www-data --inh-caps=-all -- $command >>"/var/log/moss-week/$name.out" 2>&1 &
    echo $! >"/run/moss-week-$name.pid"
}

stop_service() {
    local name=$1 pid
    if has_systemd; then
        systemctl stop "moss-week-$name.service"
        return
    fi
    pid=$(cat "/run/moss-week-$name.pid" 2>/dev/null || true)
    [ -z "$pid" ] || kill -- "-$pid" 2>/dev/null || kill "$pid" 2>/dev/null || true
    # It ends what it is doing first.
    while [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null; do sleep 0.1; done
    rm -f "/run/moss-week-$name.pid"
}

restart_service() {
    stop_service "$1"
    (start_service "$1")
}

# Whether this machine runs the application as deploy/install sets it up.
is_installed() { [ -f /etc/systemd/system/moss-week-web.service ]; }
