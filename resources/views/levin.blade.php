<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="theme-color" content="#fffef9">
    <title>Levin</title>
    <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16'%3E%3Crect width='16' height='16' fill='%23ffd23f'/%3E%3Cpath d='M0 8h5M11 8h5M5 3v10M11 3v10' stroke='%2312171a' stroke-width='2' fill='none'/%3E%3C/svg%3E">
    @vite(['resources/css/levin.css', 'resources/js/main.tsx'])
</head>
<body>
    <div id="levin"></div>
    <noscript>Levin needs JavaScript to draw the diagram.</noscript>
</body>
</html>
