// Asks a page, and again when something changes in it, for a second: the body of an asynchronous script of WebDriver.
const given = [...arguments];
const done = given.pop();
const sized = (one) => {
    const { width, height } = one.getBoundingClientRect();
    const line = one instanceof SVGElement && width + height > 0; // its width is drawn around it
    return line || (width > 0 && height > 0) || [...one.children].some(sized);
};
const shown = (one) =>
    one.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && sized(one);
const ask = () => { %s };
let comes = false;
const look = () => {
    comes = false;
    const found = ask();
    if (found !== null && found !== undefined) {
        end(found);
    }
};
const soon = () => {
    if (!comes) {
        comes = true;
        setTimeout(look, 5);
    }
};
const changes = new MutationObserver(soon);
const again = setInterval(soon, 100);
const over = setTimeout(() => end(null), 1000);
const end = (found) => {
    changes.disconnect();
    clearInterval(again);
    clearTimeout(over);
    done(found);
};
changes.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
look();
