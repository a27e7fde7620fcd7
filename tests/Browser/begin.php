<?php

declare(strict_types=1);

/*
 * Takes the data of a demonstration back to how it was at the first call, while it is served; the first call keeps it. What the
 * application keeps for a while goes too.
 */

$folder = $argv[1] ?? exit('Name a folder.');
$kept = $folder.'/begin.sqlite';
$cache = $folder.'/cache/data';
$data = new SQLite3($folder.'/moss.sqlite');
$data->enableExceptions(true);
$data->busyTimeout(10_000);
if (! is_file($kept)) {
    $data->exec("VACUUM INTO '".SQLite3::escapeString($kept)."'");

    exit(0);
}
// Not in the middle of what somebody writes.
$until = microtime(true) + 10;
while (! @(new SQLite3($kept, SQLITE3_OPEN_READONLY))->backup($data)) {
    if (microtime(true) > $until) {
        fwrite(STDERR, "The data of $folder could not be taken back.\n");
        exit(1);
    }
    usleep(20_000);
}
if (is_dir($cache)) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($cache, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->isFile()) {
            @unlink($file->getPathname());
        }
    }
}
