<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** Chromium without a window, driven by ChromeDriver on this port; the driver goes when the script does. */
function chromium(int $port): RemoteWebDriver
{
    $quiet = [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']];
    $process = proc_open(['chromedriver', "--port=$port", '--silent'], $quiet, $pipes)
        ?: exit("ChromeDriver does not start. Install it with apt-get install chromium-driver.\n");
    for ($tries = 0; $tries < 100 && @fsockopen('127.0.0.1', $port) === false; $tries++) {
        usleep(50_000);
    }
    $chrome = (new ChromeOptions)->setBinary('/usr/bin/chromium')->addArguments([
        '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-background-networking', '--hide-scrollbars',
        '--user-data-dir='.sys_get_temp_dir().'/levin-chromium-'.getmypid(),
    ]);
    $driver = RemoteWebDriver::create(
        "http://127.0.0.1:$port",
        DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $chrome),
    );
    register_shutdown_function(static function () use ($driver, $process): void {
        $driver->quit();
        proc_terminate($process);
    });

    return $driver;
}
