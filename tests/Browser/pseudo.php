<?php

declare(strict_types=1);

/*
 * Writes a pseudo-language into a folder: every sentence of lang/en with letters that English does not have and each word
 * half as long again. A page that shows plain letters which nobody typed has a text that went past the translation, and a
 * page on which something is cut off is too narrow for other languages.
 */

$folder = $argv[1] ?? exit('Name a folder.');
@mkdir($folder.'/qps', 0777, true);

$letters = array_combine(mb_str_split('abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'), mb_str_split('áƀćđéƒǵħíĵķłɱñóƥɋřśŧúνŵχýźÁƁĆĐÉƑǴĦÍĴĶŁḾÑÓƤɊŘŚŦÚṼŴΧÝŹ'));
$word = static fn (array $match): string => strtr($match[0].substr($match[0], 0, (int) ceil(strlen($match[0]) / 2)), $letters);
// Placeholders, and what says for which counts a form is, stay as they are.
$pseudo = static fn (mixed $text): mixed => is_string($text) ? preg_replace_callback('/(?::[a-z_]+|\{\d+\}|\[[^\]]*\])(*SKIP)(*FAIL)|[A-Za-z]+/', $word, $text) : $text;

foreach (glob(__DIR__.'/../../lang/en/*.php') ?: [] as $file) {
    $lines = require $file;
    array_walk_recursive($lines, static function (mixed &$text) use ($pseudo): void {
        $text = $pseudo($text);
    });
    file_put_contents($folder.'/qps/'.basename($file), "<?php\n\nreturn ".var_export($lines, true).";\n");
}
