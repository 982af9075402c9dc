# bin/yardbell stop: asks the running start to end, and waits until it has; where it was ended by force, ends what it
# left.

state="$home/run"
[ -e "$state/lock" ] || fail 'Yard Bell is not running here.'
exec 9>>"$state/lock"
if flock -n 9; then # nobody holds it, so whatever process has the number in the file now is none of ours
    rm -f "$state/pid"
    [ -e "$state/processes" ] || fail 'Yard Bell is not running here.'
    end_recorded "$state/processes"
    say 'Yard Bell had been ended by force; what it had left running has stopped.'
    exit 0
fi
running=$(cat "$state/pid" 2>/dev/null) || fail 'Yard Bell is just starting. Try again in a moment.'
kill -TERM "$running" 2>/dev/null
flock -w 30 9 || fail "Yard Bell (process $running) has not stopped within 30 seconds."
say 'Yard Bell has stopped.'
