# bin/yardbell stop: asks the running start to end, and waits until it has.

state="$root/.yardbell/run"
running=$(cat "$state/pid" 2>/dev/null) || fail 'Yard Bell is not running here.'
kill -TERM "$running" 2>/dev/null || { rm -f "$state/pid"; fail 'Yard Bell is not running here.'; }
for _ in $(seq 200); do
    kill -0 "$running" 2>/dev/null || { say 'Yard Bell has stopped.'; exit 0; }
    sleep 0.1
done
fail "Yard Bell (process $running) has not stopped within 20 seconds."
