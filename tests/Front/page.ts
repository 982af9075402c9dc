document.documentElement.lang = 'en-GB';
