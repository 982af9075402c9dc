# Looks after the parts of a start: one that ends or hangs is begun again, and that is said. Expects $state, where the
# processes are noted.

names=()
next_probe=0
declare -A begins=() probes=() pids=() since=() failed_probes=() deaths=() due=()

# part NAME BEGIN PROBE: BEGIN is a function that becomes the part; PROBE one that says whether it still answers, or "".
part() {
    names+=("$1")
    begins[$1]=$2
    probes[$1]=$3
    deaths[$1]=0
    begin "$1"
}

begin() {
    set -m # in a process group of its own, so that ending it ends what it has begun, and nothing else
    (
        trap - INT TERM EXIT
        exec 9>&-
        ${begins[$1]}
    ) &
    pids[$1]=$!
    set +m
    since[$1]=$SECONDS
    failed_probes[$1]=0
    due[$1]=
    recorded "$state/processes" "$1" "${pids[$1]}"
}

told() { say "$(date +%H:%M:%S)  $*" | tee -a "$state/parts.log"; }

# look_after: one round. A part that ends again and again is begun later each time, half a minute at most.
look_after() {
    local name status
    for name in "${names[@]}"; do
        if [ -n "${due[$name]}" ]; then
            [ "$SECONDS" -lt "${due[$name]}" ] || begin "$name"
        elif ! kill -0 "${pids[$name]}" 2>/dev/null; then
            wait "${pids[$name]}" && status=0 || status=$?
            [ $((SECONDS - ${since[$name]})) -gt 60 ] && deaths[$name]=0
            kill -KILL -- "-${pids[$name]}" 2>/dev/null # what it may have left
            # A worker ends for a fresh one now and then; that is no news.
            [ "$status" -eq 0 ] || told "$name ended by itself and is started again; the logs in $state say more."
            due[$name]=$((SECONDS + (deaths[$name] < 5 ? deaths[$name] * deaths[$name] : 30)))
            deaths[$name]=$((deaths[$name] + 1))
            [ "$SECONDS" -lt "${due[$name]}" ] || begin "$name"
        elif [ "$SECONDS" -ge "$next_probe" ] && [ $((SECONDS - ${since[$name]})) -ge 5 ]; then
            [ -z "${probes[$name]}" ] || probe "$name"
        fi
    done
    [ "$SECONDS" -lt "$next_probe" ] || next_probe=$((SECONDS + ${YARDBELL_PROBES:-5}))
}

# probe NAME: what has not answered three times running hangs. What runs in it may finish, for some seconds.
probe() {
    if ${probes[$1]}; then
        failed_probes[$1]=0
    elif failed_probes[$1]=$((failed_probes[$1] + 1)); [ "${failed_probes[$1]}" -ge 3 ]; then
        told "$1 does not answer; it is ended and started again."
        kill -QUIT "${pids[$1]}" 2>/dev/null
        for _ in $(seq "${YARDBELL_FINISH:-10}"); do kill -0 "${pids[$1]}" 2>/dev/null && sleep 1 9>&- || break; done
        kill -KILL -- "-${pids[$1]}" 2>/dev/null
        wait "${pids[$1]}" 2>/dev/null
        begin "$1"
    fi
}
