<?php

declare(strict_types=1);

/*
 * A mail server for tests: php smtp-server.php PORT FOLDER. Takes mail into a file each; "full.…" is refused for now,
 * "gone.…" for good, "cut.…" ends the line in the middle.
 */

[, $port, $folder] = $argv;
$server = stream_socket_server("tcp://127.0.0.1:{$port}");
while ($client = @stream_socket_accept($server, 60)) {
    $say = static fn (string $line): int|false => fwrite($client, "{$line}\r\n");
    $say('220 mail.example');
    while (($line = fgets($client)) !== false) {
        $word = strtoupper(substr($line, 0, 4));
        if ($word === 'DATA') {
            $say('354 go on');
            for ($mail = ''; ($line = fgets($client)) !== false && rtrim($line) !== '.';) {
                $mail .= $line;
            }
            file_put_contents("{$folder}/".bin2hex(random_bytes(8)), $mail);
        }
        if (str_contains($line, '<cut.')) {
            break;
        }
        $say(match (true) {
            $word === 'RCPT' && str_contains($line, '<full.') => '452 its mailbox is full',
            $word === 'RCPT' && str_contains($line, '<gone.') => '550 nobody of that name',
            $word === 'QUIT' => '221 bye',
            default => '250 ok',
        });
        if ($word === 'QUIT') {
            break;
        }
    }
    fclose($client);
}
